import type { Oil } from '../catalog';
import { exactly, type Range } from '../quantity';

/**
 * What an oil of unknown density is taken to weigh, in g to the ml: most essential oils lie
 * between these.
 */
export const assumedDensity: Range = { low: 0.85, likely: 0.92, high: 1 };

/** True where the density of an oil is not known, and is assumed. */
export const isDensityAssumed = ({ densityGPerMl }: Pick<Oil, 'densityGPerMl'>): boolean =>
  densityGPerMl === null;

/** The density of an oil in g/ml; a range where it is assumed. */
export const densityOf = ({ densityGPerMl }: Pick<Oil, 'densityGPerMl'>): Range =>
  densityGPerMl === null ? assumedDensity : exactly(densityGPerMl);

/** The ml that so many grams of an oil come to; a range where its density is assumed. */
export const mlOfGrams = (g: number, oil: Pick<Oil, 'densityGPerMl'>): Range => {
  const { low, likely, high } = densityOf(oil);
  return { low: g / high, likely: g / likely, high: g / low };
};

/** What so many ml of an oil weigh, in g: both may be ranges. */
export const gramsOfMl = (ml: Range, oil: Pick<Oil, 'densityGPerMl'>): Range => {
  const { low, likely, high } = densityOf(oil);
  return { low: ml.low * low, likely: ml.likely * likely, high: ml.high * high };
};
