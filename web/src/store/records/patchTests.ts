import { z } from 'zod';
import { id, times, within } from './fields';
import { recordKind, type RecordOf } from './recordKind';

/** A patch test, with what was read of it. */
export const patchTests = recordKind({
  table: 'patchTests',
  word: 'patch test',
  schema: async () => {
    const { patchTestSchema } = await import('./coreForms');
    return z.strictObject({ id, test: patchTestSchema, ...times });
  },
  indexes: 'id, test.of.batchId, test.personId',
  nameOf: (record) => within(record, 'test', 'personName'),
});

export type PatchTestRecord = RecordOf<typeof patchTests>;
