import type { Range } from '../quantity';
import type { By } from '../recipe';
import type { Mixture } from './mixture';

/** All essential oil together, by what the blend is measured by, in percent. */
export const strengthBy = ({ strength }: Pick<Mixture, 'strength'>, by: By): Range =>
  by === 'weight' ? strength.byWeight : strength.byVolume;

/**
 * The strength that so much of all oils would come to, in percent: in proportion to what there is
 * now; by volume where there is nothing yet.
 *
 * @param wanted so much of all oils, in drops, ml, g or percent
 * @param now what there is of it, in the same unit, and the strength that it comes to
 * @param perMl so many of the unit to a ml of oil
 */
export const strengthOfTotal = (
  wanted: number,
  now: { readonly total: number; readonly percent: number },
  perMl: number,
  fillMl: number,
): number =>
  now.total > 0 && now.percent > 0
    ? (now.percent * wanted) / now.total
    : (100 * wanted) / perMl / fillMl;
