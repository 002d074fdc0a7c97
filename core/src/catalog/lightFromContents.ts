import { euRestrictions } from './chemistryRules';
import type { Content } from './schema';

/**
 * The phototoxic limit of an oil from what is in it, in percent of the product: the limit of the
 * constituent divided by its share in the oil; the stricter of that and what is stated. Null where
 * neither holds it back.
 */
export const lightFromContents = (
  statedPercent: number | null,
  contents: readonly Content[],
): number | null => {
  const limits = contents.flatMap(([name, , typical]) => {
    const limit = euRestrictions.light.limits[name];
    return limit !== undefined && typical > 0 ? [(100 * limit) / typical] : [];
  });
  const least = Math.min(statedPercent ?? Infinity, ...limits);
  return least < 100 ? least : null;
};
