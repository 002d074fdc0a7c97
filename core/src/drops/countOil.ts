import type { Catalog } from '../catalog';
import { type DropsAmount, isIn, lockDrops, setOilAmount, type Recipe } from '../recipe';
import { workOut } from './workOut';

/**
 * Sets the drops of one oil, a number or a range, and leaves all others as they are: what the parts came to stays, as
 * drops, so that a drop more of one never takes one from another. The total moves.
 */
export const countOil =
  (catalog: Catalog, id: string, amount: Omit<DropsAmount, 'unit'>) =>
  (recipe: Recipe): Recipe => {
    const hasParts = recipe.oils.some(({ amount }) => isIn(amount, 'parts'));
    const worked = hasParts ? workOut(catalog, recipe) : null;
    const locked =
      worked?.state === 'done' ? lockDrops(worked.evaluation.plan.drops)(recipe) : recipe;
    return setOilAmount(id, { unit: 'drops', ...amount })(locked);
  };
