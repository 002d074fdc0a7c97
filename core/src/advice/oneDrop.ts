import { dropOf, essentialShare, type Formula } from '../mixture';
import { fillMl, type Container } from '../catalog';

/**
 * What one drop either way moves the strength of one container by, in percent by
 * volume on likely drops: of the smallest and of the largest drop in the formula, a diluted
 * oil at its share.
 *
 * @returns null for a formula without oils
 */
export const oneDropPercent = (
  formula: Pick<Formula, 'oils' | 'dropsPerMl' | 'container'>,
): { readonly least: number; readonly most: number } | null => {
  if (formula.oils.length === 0) return null;
  const shares = formula.oils.map(
    (entry) =>
      (100 * essentialShare(entry.oil) * dropOf(entry, formula.dropsPerMl).likely) /
      fillMl(formula.container),
  );
  return { least: Math.min(...shares), most: Math.max(...shares) };
};

/** What one drop moves a container by at a drop size, in percent by volume. */
export const dropPercent = (
  perMl: number,
  container: Pick<Container, 'nominalMl' | 'workingFillPercent'>,
): number => 100 / perMl / fillMl(container);
