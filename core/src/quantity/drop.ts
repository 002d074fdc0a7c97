import type { Range } from './range';

/**
 * The volume of one drop, in ml.
 *
 * Not measured: the likely value is that of the chosen size, `1 / perMl`; the range
 * is what is met in practice for an oil of this thickness, widened where needed
 * so that it holds the likely value.
 *
 * Measured: what the maker's weighings gave, as it is.
 *
 * @param perMl drops to the ml of the chosen size, above 0
 * @param unmeasuredMl the least and the most met in practice, in ml
 * @param measuredMl from weighing: mass / (number of drops x density)
 */
export const dropVolume = (
  perMl: number,
  unmeasuredMl: readonly [number, number],
  measuredMl?: Range,
): Range => {
  if (measuredMl) return measuredMl;
  const likely = 1 / perMl;
  return {
    low: Math.min(unmeasuredMl[0], likely),
    likely,
    high: Math.max(unmeasuredMl[1], likely),
  };
};

/** The least and the most that a drop of any oil can measure, in ml. */
export const possibleDropMl: readonly [number, number] = [0.015, 0.08];

/** True where a drop can be of this size: else drops were miscounted, or the scale was not tared. */
export const isPossibleDrop = ({ likely }: Pick<Range, 'likely'>): boolean =>
  likely >= possibleDropMl[0] && likely <= possibleDropMl[1];

/**
 * The volume of one drop from weighing several, in ml: mass / (n x density).
 * One weighing gives no spread; several give the least, the mean and the most.
 *
 * @param weighings each `drops` (1 or more) with their `massG` (above 0)
 * @param densityGPerMl of the very oil that was weighed
 * @returns null when nothing was weighed
 */
export const measuredDrop = (
  weighings: readonly { readonly drops: number; readonly massG: number }[],
  densityGPerMl: number,
): Range | null => {
  if (weighings.length === 0) return null;
  const volumes = weighings.map(({ drops, massG }) => massG / (drops * densityGPerMl));
  return {
    low: Math.min(...volumes),
    likely: volumes.reduce((total, ml) => total + ml, 0) / volumes.length,
    high: Math.max(...volumes),
  };
};
