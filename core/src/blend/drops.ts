import { dropFigures, dropsPerMl } from '../library/library';
import type { DropSchoolId } from '../library/schema';
import { dropVolume } from '../quantity/drop';
import { exactly, scale, type Range } from '../quantity/range';
import type { FormulaOil, MeasuredOil } from './formula';

/** One drop of this oil in ml, with its range: measured where it was, else by school and thickness. */
export const dropOf = (
  { oil, dropMl }: Pick<FormulaOil, 'oil' | 'dropMl'>,
  school: DropSchoolId,
): Range => dropVolume(dropsPerMl(school), dropFigures.unmeasuredRangeMl[oil.viscosity], dropMl);

/**
 * What an oil of unknown density may weigh, in g to the ml: most essential oils lie between
 * these. Grams of it are kept as they are; only the ml that they come to is a range.
 */
const assumedDensity: Range = { low: 0.85, likely: 0.92, high: 1 };

/** The ml that so many grams of an oil come to; a range where its density is not known. */
export const mlOfGrams = (g: number, densityGPerMl: number | null): Range =>
  densityGPerMl === null
    ? {
        low: g / assumedDensity.high,
        likely: g / assumedDensity.likely,
        high: g / assumedDensity.low,
      }
    : exactly(g / densityGPerMl);

/**
 * An oil whose amount is settled, in ml.
 *
 * @param drops what its parts came to; read only where it is measured by parts
 */
export const measured = (entry: FormulaOil, school: DropSchoolId, drops: number): MeasuredOil => {
  const { oil, measure, bottle } = entry;
  const of = bottle ? { oil, bottle } : { oil };
  switch (measure.by) {
    case 'ml':
      return { ...of, drops: null, ml: exactly(measure.ml) };
    case 'g':
      return {
        ...of,
        drops: null,
        ml: mlOfGrams(measure.g, oil.densityGPerMl),
        weighedG: measure.g,
      };
    case 'drops':
      return {
        ...of,
        drops: measure.drops,
        ml: scale(dropOf(entry, school), measure.drops),
      };
    case 'parts':
      return { ...of, drops, ml: scale(dropOf(entry, school), drops) };
  }
};
