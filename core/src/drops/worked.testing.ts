import { shippedCatalog, type Catalog } from '../catalog';
import type { Recipe } from '../recipe';
import { recipeFrom, type ShortRecipe } from '../recipe/recipe.testing';
import { workOut, type Calculated } from './workOut';

export type CalculatedRecipe = Calculated & { readonly recipe: Recipe };

/** A recipe worked out; fails where it cannot be. */
export const workedOut = (recipe: Recipe, catalog: Catalog = shippedCatalog): CalculatedRecipe => {
  const worked = workOut(catalog, recipe);
  if (worked.state !== 'done') throw new Error(JSON.stringify(worked));
  return { ...worked, recipe };
};

/** A recipe as a test writes it, worked out for anyone's body unless it says otherwise. */
export const madeOut = (short: ShortRecipe, catalog: Catalog = shippedCatalog): CalculatedRecipe =>
  workedOut(forBody(short), catalog);

/** A recipe as a test writes it, for anyone's body unless it says otherwise. */
export const forBody = (short: ShortRecipe): Recipe =>
  recipeFrom({
    bases: [{ id: 'jojoba', parts: 1 }],
    ...short,
    brief: { wearer: 'anyone', place: 'body-leave-on', ...short.brief },
  });

/** A balm in two jars: beeswax 12, shea 20, jojoba the rest, 1 % of lavender. */
export const balmInJars = forBody({
  container: { id: 'jar-60' },
  count: 2,
  by: 'weight',
  target: { percent: 1 },
  oils: [{ id: 'lavender', parts: 1 }],
  bases: [
    { id: 'beeswax_yellow', percent: 12 },
    { id: 'shea_butter', percent: 20 },
    { id: 'jojoba', parts: 1 },
  ],
});
