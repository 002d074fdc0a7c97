import type { Catalog } from '../catalog';
import { withAmount, type Recipe } from '../recipe';
import { workOut } from './workOut';

/**
 * The same number of drops of every oil, as near to what is in it now as that comes; at least one
 * of each. Nothing changes where it cannot be worked out.
 */
export const equalDrops =
  (catalog: Catalog) =>
  (recipe: Recipe): Recipe => {
    const worked = workOut(catalog, recipe);
    if (worked.state !== 'done' || recipe.oils.length === 0) return recipe;
    const { plan, mixture } = worked.evaluation;
    const aimed = plan.targetMl ?? mixture.oils.reduce((total, { ml }) => total + ml.likely, 0);
    const oneEach = mixture.oils.reduce(
      (total, { drops, ml }) =>
        total + (drops !== null && drops > 0 ? ml.likely / drops : 1 / recipe.dropsPerMl),
      0,
    );
    const value = Math.max(1, Math.round(aimed / oneEach));
    return {
      ...recipe,
      oils: recipe.oils.map((oil) => withAmount(oil, { unit: 'drops', value })),
    };
  };
