import { recipeSchema } from '@jubbet/core/recipe';
import { z } from 'zod';
import { count, id, times, within } from './fields';
import { recordKind, type RecordOf } from './recordKind';
import { conflictCopyName } from './conflictCopy';
import { withNotUnderstood } from './withNotUnderstood';

/** The longest tag, in characters. */
export const longestTag = 40;
/** The most tags of one blend. */
export const mostTags = 20;

/** A blend in the book. */
export const blends = recordKind({
  table: 'blends',
  word: 'blend',
  schema: () =>
    Promise.resolve(
      z.strictObject({
        id,
        recipe: recipeSchema,
        /** Counts up with every write, so that a tab can tell that another wrote in between. */
        revision: count,
        /** Marked to be found at once. */
        favourite: z.boolean(),
        /** The maker's own words to find it by, each once. */
        tags: z.array(z.string().trim().min(1).max(longestTag)).max(mostTags),
        ...times,
      }),
    ),
  indexes: 'id, updatedAt, deletedAt, recipe.name, recipe.purpose, *tags',
  migrations: { 15: withNotUnderstood },
  nameOf: (record) => within(record, 'recipe', 'name'),
  conflictCopy: (record, other) => ({
    ...record,
    id: other,
    recipe: { ...record.recipe, name: conflictCopyName(record.recipe.name, 120) },
  }),
});

export type BlendRecord = RecordOf<typeof blends>;
