import { z } from 'zod';
import { id, moment } from './fields';
import { recordKind, type RecordOf } from './recordKind';

/** What happened to what is in a bottle. Only ever added to: what was wrong is undone by another. */
export const movements = recordKind({
  table: 'movements',
  word: 'movement',
  schema: async () => {
    const { movementSchema } = await import('./coreForms');
    return z.strictObject({
      id,
      bottleId: id,
      at: moment,
      updatedAt: moment,
      movement: movementSchema,
    });
  },
  indexes: 'id, bottleId, movement.batchId',
  nameOf: () => undefined,
});

export type MovementRecord = RecordOf<typeof movements>;
