import { z } from 'zod';
import { isObject } from './fields';
import { migration, recordKind } from './recordKind';

/** What holds for this browser alone. */
const ofThisDevice = [
  ...['houseId', 'readFrom', 'lastExport', 'openedAt', 'welcomed', 'seeded', 'exampleHere'],
  ...['sharedFolder', 'folderSeen', 'folderKeptAt', 'folderDirty'],
];

/** What settings were called before version 14. */
const formerKeys: Readonly<Record<string, string>> = {
  school: 'guideline',
  dropSchool: 'dropSize',
};

/** One thing that the house is set to, or has to remember. */
export const settings = recordKind({
  table: 'settings',
  word: 'setting',
  schema: () => Promise.resolve(z.strictObject({ key: z.string().max(60), value: z.unknown() })),
  indexes: 'key',
  migrations: {
    14: migration((record) => {
      const key = isObject(record) ? formerKeys[String(record['key'])] : undefined;
      return key === undefined ? record : { ...(record as object), key };
    }),
  },
  nameOf: ({ key }) => key,
  leaves: ({ key }) => !ofThisDevice.includes(key),
});
