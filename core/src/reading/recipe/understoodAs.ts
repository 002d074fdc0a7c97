import type { Catalog } from '../../catalog';
import type { SpoonCountry } from '../../quantity';
import {
  addBase,
  addOil,
  clearNotUnderstood,
  type Edit,
  mostDrops,
  type OilAmount,
  readBaseAmount,
  readOilAmount,
  setBaseAmount,
  setOilAmount,
} from '../../recipe';
import { amountsOf } from './amounts';

/** What is in it already and what is added: only drops are summed up, all else is asked for anew. */
const withMore = (
  before: OilAmount | null | undefined,
  more: OilAmount | null,
): OilAmount | null => {
  if (before === undefined) return more;
  return before?.unit === 'drops' && more?.unit === 'drops'
    ? { unit: 'drops', value: Math.min(mostDrops, before.value + more.value) }
    : null;
};

/**
 * Takes what was not understood as a material, with the first amount that its words state; without one
 * the material is there and lacks its amount. Null as the material: it is none, or stays out.
 *
 * @param country whose spoons and cups are meant
 */
export const understoodAs =
  (catalog: Catalog, text: string, materialId: string | null, country: SpoonCountry): Edit =>
  (recipe) => {
    const cleared = clearNotUnderstood(text)(recipe);
    if (materialId === null) return cleared;
    const typed = amountsOf(text)[0]?.amount.typed ?? '';
    const base = catalog.base(materialId);
    if (base) {
      const read = readBaseAmount(typed, base, {
        country,
        wholeMl: 0,
        dropsPerMl: recipe.dropsPerMl,
      });
      const isIn = recipe.bases.some(({ id }) => id === materialId);
      const amount = read.ok && !isIn ? read.amount : null;
      return setBaseAmount(materialId, amount)(addBase(catalog, materialId)(cleared));
    }
    const read = readOilAmount(typed, { country, fillMl: 0 });
    const before = recipe.oils.find(({ id }) => id === materialId)?.amount;
    const amount = withMore(before, read.ok ? read.amount : null);
    return setOilAmount(materialId, amount)(addOil(catalog, materialId)(cleared));
  };
