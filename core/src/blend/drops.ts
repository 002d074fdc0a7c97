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
      // A file that weighs an oil of unknown density is refused where it is read.
      return { ...of, drops: null, ml: exactly(measure.g / (oil.densityGPerMl ?? 1)) };
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
