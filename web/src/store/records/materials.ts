import { z } from 'zod';
import { id, times, within } from './fields';
import { recordKind, type RecordOf } from './recordKind';

/** A material or a figure of the house's own. */
export const materials = recordKind({
  table: 'materials',
  word: 'material',
  schema: async () => {
    const { ownMaterialSchema } = await import('./coreForms');
    return z.strictObject({ id, own: ownMaterialSchema, ...times });
  },
  indexes: 'id',
  nameOf: (record) => within(record, 'own', 'name'),
});

export type MaterialRecord = RecordOf<typeof materials>;
