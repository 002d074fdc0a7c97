import type { Mixture } from '../mixture';
import { costsOf, type Cost } from './cost';
import type { Bottle } from './bottle';

/** The bottle whose price counts for a material: of those with a price the one in use, else the last bought. */
const pricedBottle = (bottles: readonly Bottle[], materialId: string): Bottle | null => {
  const own = bottles.filter((bottle) => bottle.materialId === materialId && bottle.price !== null);
  const inUse = own.filter(({ finishedOn, openedOn }) => finishedOn === null && openedOn !== null);
  const byDay = (list: readonly Bottle[]) =>
    [...list].sort((a, b) => (b.boughtOn ?? '').localeCompare(a.boughtOn ?? ''));
  return byDay(inUse)[0] ?? byDay(own)[0] ?? null;
};

/** What a blend that is not made yet would cost, by the bottles of the shelf. */
export const plannedCost = (mixture: Mixture, bottles: readonly Bottle[]): Cost =>
  costsOf(
    [
      ...mixture.oils.map(({ oil: { id }, ml, g }) => ({ id, ml, g })),
      ...mixture.bases.map(({ base: { id }, ml, g }) => ({ id, ml, g })),
    ].map(({ id, ml, g }) => {
      const bottle = pricedBottle(bottles, id);
      return {
        materialId: id,
        amount: bottle?.unit === 'g' ? g.likely : ml.likely,
        bottle,
      };
    }),
  );
