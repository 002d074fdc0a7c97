import type { Catalog } from '@jubbet/core/catalog';
import { workOut, type Evaluation } from '@jubbet/core/drops';
import type { Edit, Recipe } from '@jubbet/core/recipe';

/** An edit that needs to know what the recipe comes to; nothing where it has gaps. */
export const asWorkedOut =
  (catalog: Catalog, edit: (recipe: Recipe, evaluation: Evaluation) => Recipe): Edit =>
  (recipe) => {
    const worked = workOut(catalog, recipe);
    return worked.state === 'done' ? edit(recipe, worked.evaluation) : recipe;
  };
