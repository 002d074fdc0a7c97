import { z } from 'zod';
import { recordKind } from './recordKind';

/** What holds for this browser alone. */
const ofThisDevice = ['houseId', 'readFrom', 'lastExport', 'openedAt', 'welcomed', 'seeded'];

/** One thing that the house is set to, or has to remember. */
export const settings = recordKind({
  table: 'settings',
  word: 'setting',
  schema: () => Promise.resolve(z.strictObject({ key: z.string().max(60), value: z.unknown() })),
  indexes: 'key',
  nameOf: ({ key }) => key,
  leaves: ({ key }) => !ofThisDevice.includes(key),
});
