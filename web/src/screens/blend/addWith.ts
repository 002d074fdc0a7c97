import type { Catalog } from '@jubbet/core/catalog';
import { countOil } from '@jubbet/core/drops';
import {
  addBase,
  addOil,
  setBaseAmount,
  setOilAmount,
  type BaseAmount,
  type Edit,
  type OilAmount,
} from '@jubbet/core/recipe';

/** An oil with the amount that was typed beside it; as the others are measured where none was. */
export const addOilWith =
  (catalog: Catalog, id: string, amount: OilAmount | null): Edit =>
  (recipe) => {
    if (amount === null) return addOil(catalog, id)(recipe);
    // Drops of one oil take none from another: the total moves.
    const before = amount.unit === 'drops' ? countOil(catalog, id, amount)(recipe) : recipe;
    return setOilAmount(id, amount)(addOil(catalog, id)(before));
  };

/** A base with the amount that was typed beside it. */
export const addBaseWith =
  (catalog: Catalog, id: string, amount: BaseAmount | null): Edit =>
  (recipe) => {
    const added = addBase(catalog, id)(recipe);
    return amount ? setBaseAmount(id, amount)(added) : added;
  };
