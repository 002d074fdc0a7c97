import { dropOf } from '../blend/drops';
import type { Formula } from '../blend/formula';
import { fillMl, type Vessel } from '../brief/vessel';

/**
 * What one drop either way moves the strength of one vessel by, in percent by
 * volume on likely drops: of the smallest and of the largest drop in the formula.
 *
 * @returns null for a formula without oils
 */
export const oneDropPercent = (
  formula: Pick<Formula, 'oils' | 'dropSchool' | 'vessel'>,
): { readonly least: number; readonly most: number } | null => {
  if (formula.oils.length === 0) return null;
  const shares = formula.oils.map(
    (entry) => (100 * dropOf(entry, formula.dropSchool).likely) / fillMl(formula.vessel),
  );
  return { least: Math.min(...shares), most: Math.max(...shares) };
};

/** What one drop moves a vessel by in a drop school, in percent by volume. */
export const schoolDropPercent = (
  perMl: number,
  vessel: Pick<Vessel, 'nominalMl' | 'workingFillPercent'>,
): number => 100 / perMl / fillMl(vessel);
