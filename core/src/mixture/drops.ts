import { dropFigures } from '../catalog';
import { dropVolume, exactly, scale, type Range } from '../quantity';
import { mlOfGrams } from './density';
import type { FormulaOil, MeasuredOil } from './formula';

/** One drop of this oil in ml, with its range: measured where it was, else by size and thickness. */
export const dropOf = (
  { oil, dropMl }: Pick<FormulaOil, 'oil' | 'dropMl'>,
  dropsPerMl: number,
): Range => dropVolume(dropsPerMl, dropFigures.unmeasuredRangeMl[oil.viscosity], dropMl);

/**
 * An oil whose amount is settled, in ml.
 *
 * @param dropsPerMl drops to the ml where a drop was not measured
 * @param drops what its parts came to; read only where it is measured by parts
 */
export const measured = (entry: FormulaOil, dropsPerMl: number, drops: number): MeasuredOil => {
  const { oil, measure, bottle } = entry;
  const of = bottle ? { oil, bottle } : { oil };
  switch (measure.by) {
    case 'ml':
      return { ...of, drops: null, ml: exactly(measure.ml) };
    case 'g':
      return {
        ...of,
        drops: null,
        ml: mlOfGrams(measure.g, oil),
        weighedG: measure.g,
      };
    case 'drops':
      return {
        ...of,
        drops: measure.drops,
        ...(measure.atLeast === undefined ? {} : { atLeast: measure.atLeast }),
        ml: scale(dropOf(entry, dropsPerMl), measure.drops),
      };
    case 'parts':
      return { ...of, drops, ml: scale(dropOf(entry, dropsPerMl), drops) };
  }
};
