import type { Range } from '../quantity';

/** What a scale said at a moment. */
export interface Weighed {
  /** In ms, of any clock. */
  readonly atMs: number;
  readonly g: number;
  /** What the scale says of it: at rest, or not; null where it does not say. */
  readonly stable: boolean | null;
}

/** A scale that does not say so is at rest when it has told the same for so long, in ms. */
const restMs = 800;
/** And so many times. */
const restReadings = 3;

/**
 * The weight once the scale has come to rest; null while it moves.
 *
 * @param readings in the order in which they came
 * @param resolution the least that the scale tells apart, in g
 */
export const settledG = (readings: readonly Weighed[], resolution: number): number | null => {
  const last = readings[readings.length - 1];
  if (!last) return null;
  if (last.stable !== null) return last.stable ? last.g : null;
  const since = readings.findLastIndex(({ g }) => Math.abs(g - last.g) > 1.5 * resolution);
  const same = readings.slice(since + 1);
  const first = same[0];
  return first && same.length >= restReadings && last.atMs - first.atMs >= restMs ? last.g : null;
};

/**
 * The weight at rest, finer than one reading tells it: the middle of what was reported since it rests.
 * A pan that creeps the last hundredth is not at rest yet. Null until there are enough readings.
 *
 * @param readings in the order in which they came
 * @param resolution the least that the scale tells apart, in g
 */
export const restedG = (readings: readonly Weighed[], resolution: number): number | null => {
  const last = settledG(readings, resolution);
  if (last === null) return null;
  const before = readings.findLastIndex(
    ({ g, stable }) => stable === false || Math.abs(g - last) > 1.5 * resolution,
  );
  // The first at rest may still be on its way.
  const rested = readings.slice(before + 2);
  return rested.length < restReadings
    ? null
    : rested.reduce((total, { g }) => total + g, 0) / rested.length;
};

/** How many drops a weight comes to. */
export type DropsWeighed =
  | { readonly kind: 'none' }
  | { readonly kind: 'drops'; readonly drops: number }
  /** It may be any of these: the maker is asked. */
  | { readonly kind: 'which'; readonly drops: readonly number[] }
  /** No number of drops weighs that: something else went on, or was taken off. */
  | { readonly kind: 'other' };

/** More drops than this fall in no moment. */
const mostAtOnce = 12;

/**
 * Drops that fell between two weights. One that may be two is asked about, never guessed.
 *
 * @param grownG by how much the weight has grown, in g
 * @param drop what one drop of this oil weighs, in g: from what was measured or is met in practice
 * @param resolution the least that the scale tells apart, in g
 */
export const dropsOnScale = (grownG: number, drop: Range, resolution: number): DropsWeighed => {
  if (Math.abs(grownG) < Math.max(resolution, 0.4 * drop.low)) return { kind: 'none' };
  if (grownG < 0) return { kind: 'other' };
  const possible = Array.from({ length: mostAtOnce }, (_, n) => n + 1).filter(
    (drops) => drops * drop.low - resolution <= grownG && grownG <= drops * drop.high + resolution,
  );
  const [only, ...others] = possible;
  if (only === undefined) return { kind: 'other' };
  if (others.length === 0) return { kind: 'drops', drops: only };
  // The likely drop decides where it is near one number and far from the next.
  const nearest = grownG / drop.likely;
  const whole = Math.round(nearest);
  return Math.abs(nearest - whole) <= 0.25 && whole === 1 && possible.includes(1)
    ? { kind: 'drops', drops: 1 }
    : { kind: 'which', drops: possible };
};
