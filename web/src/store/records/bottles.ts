import { z } from 'zod';
import { id, times, within } from './fields';
import { recordKind, type RecordOf } from './recordKind';

/** A bottle on the shelf. */
export const bottles = recordKind({
  table: 'bottles',
  word: 'bottle',
  schema: async () => {
    const { bottleSchema } = await import('./coreForms');
    return z.strictObject({ id, bottle: bottleSchema, ...times });
  },
  indexes: 'id, bottle.materialId, bottle.finishedOn, deletedAt',
  nameOf: (record) => within(record, 'bottle', 'lot'),
  conflictCopy: (record, other) => ({ ...record, id: other }),
});

export type BottleRecord = RecordOf<typeof bottles>;
