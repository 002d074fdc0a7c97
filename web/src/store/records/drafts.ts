import { recipeSchema } from '@jubbet/core/recipe';
import { z } from 'zod';
import { count, id, moment } from './fields';
import { recordKind, type RecordOf } from './recordKind';
import { conflictCopyName } from './conflictCopy';
import { withNotUnderstood } from './withNotUnderstood';

/** A blend as it was when it was made, or when the maker kept it. */
export const drafts = recordKind({
  table: 'drafts',
  word: 'draft',
  schema: () =>
    Promise.resolve(
      z.strictObject({
        id,
        blendId: id,
        /** Counts up from 1 within a blend. */
        number: count,
        name: z.string().max(120),
        /** What was good about it, in the maker's words. */
        good: z.string().max(10_000),
        recipe: recipeSchema,
        at: moment,
        updatedAt: moment,
        /** The batch that was made of it; null where it was kept without one. */
        batchId: id.nullable(),
      }),
    ),
  indexes: 'id, blendId',
  migrations: { 15: withNotUnderstood },
  nameOf: ({ name }) => name,
  conflictCopy: (record, other) => ({
    ...record,
    id: other,
    name: conflictCopyName(record.name, 120),
  }),
});

export type DraftRecord = RecordOf<typeof drafts>;
