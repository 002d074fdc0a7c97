import { recipeSchema } from '@jubbet/core/recipe';
import { z } from 'zod';
import { count, id, isObject, times, within } from './fields';
import { lift, recordKind, type RecordOf } from './recordKind';
import { twinName } from './twin';

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
        tags: z.array(z.string().trim().min(1).max(40)).max(20),
        ...times,
      }),
    ),
  indexes: 'id, updatedAt, deletedAt, recipe.name, recipe.purpose, *tags',
  since: 1,
  lifts: async () => {
    const { briefOfPerson, notForSale, recordWithRecipe } = await import('./older');
    return {
      2: lift((record) => (isObject(record) ? { ...record, revision: 1 } : record)),
      3: lift(briefOfPerson),
      5: lift(notForSale),
      8: lift(recordWithRecipe),
      10: lift((record) => (isObject(record) ? { favourite: false, tags: [], ...record } : record)),
    };
  },
  nameOf: (record) => within(record, 'recipe', 'name'),
  twin: (record, other) => ({
    ...record,
    id: other,
    recipe: { ...record.recipe, name: twinName(record.recipe.name, 120) },
  }),
});

export type BlendRecord = RecordOf<typeof blends>;
