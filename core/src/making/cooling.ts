// Cooling by Newton's law: what a melt is warmer than the room falls by the same share each minute.

/** One reading of a thermometer. */
export interface Reading {
  /** Minutes since the first. */
  readonly minutes: number;
  readonly celsius: number;
}

/** How a melt cools, and when it will be as cool as it is to be. */
export interface Cooling {
  readonly roomC: number;
  /** Share of what it is warmer than the room that it loses in a minute, 0 to 1. */
  readonly perMinute: number;
  /** So far the readings lie from the curve, in °C; 0 with two of them. */
  readonly spreadC: number;
  /** In °C after so many minutes since the first reading. */
  readonly at: (minutes: number) => number;
}

/** Readings by the clock, from wherever they came, as minutes since the first of them. */
export const readingsOf = (
  taken: readonly { readonly atMs: number; readonly celsius: number }[],
): readonly Reading[] => {
  const inTurn = [...taken].sort((a, b) => a.atMs - b.atMs);
  const startMs = inTurn[0]?.atMs ?? 0;
  return inTurn.map(({ atMs, celsius }) => ({ minutes: (atMs - startMs) / 60_000, celsius }));
};

/** Warmer by more than this, in °C, is no trembling of the probe: it was warmed again. */
const warmedC = 1;

/** Less than this, in °C, may be the trembling of the probe. */
const fallenC = 0.5;

/** The readings since it was last warmed: what went before says nothing of how it cools now. */
const sinceWarmed = (readings: readonly Reading[]): readonly Reading[] => {
  const rise = readings.findLastIndex(({ celsius }, n) => {
    const before = readings[n - 1];
    return before !== undefined && celsius > before.celsius + warmedC;
  });
  return readings.slice(Math.max(0, rise));
};

/**
 * A curve that fits two readings or more, in the order in which they were taken, since the melt was
 * last warmed; null where nothing cools towards the room.
 */
export const coolingOf = (readings: readonly Reading[], roomC: number): Cooling | null => {
  const points = sinceWarmed(readings)
    .filter(({ celsius }) => celsius > roomC + 0.5)
    .map(({ minutes, celsius }) => ({ minutes, log: Math.log(celsius - roomC), celsius }));
  const [first] = points;
  const last = points[points.length - 1];
  if (!first || !last || first.celsius - last.celsius < fallenC) return null;
  // A straight line through the logarithms, by least squares.
  const n = points.length;
  const meanX = points.reduce((total, { minutes }) => total + minutes, 0) / n;
  const meanY = points.reduce((total, { log }) => total + log, 0) / n;
  const across = points.reduce((total, { minutes }) => total + (minutes - meanX) ** 2, 0);
  if (across === 0) return null;
  const slope =
    points.reduce((total, { minutes, log }) => total + (minutes - meanX) * (log - meanY), 0) /
    across;
  if (slope >= 0) return null;
  const start = meanY - slope * meanX;
  const at = (minutes: number): number => roomC + Math.exp(start + slope * minutes);
  const spread = points.reduce(
    (total, { minutes, celsius }) => total + (celsius - at(minutes)) ** 2,
    0,
  );
  return {
    roomC,
    perMinute: 1 - Math.exp(slope),
    spreadC: n > 2 ? Math.sqrt(spread / (n - 2)) : 0,
    at,
  };
};

/**
 * Minutes since the first reading at which a temperature is reached; null where it never is, as it
 * is no warmer than the room.
 */
export const reachedAt = ({ roomC, perMinute, at }: Cooling, celsius: number): number | null => {
  if (celsius <= roomC) return null;
  return Math.max(0, Math.log((celsius - roomC) / (at(0) - roomC)) / Math.log(1 - perMinute));
};
