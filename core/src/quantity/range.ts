/**
 * A quantity that is not known to a point: the least it may be, what it most
 * likely is, and the most it may be. All three carry the same unit.
 * Always `low <= likely <= high`.
 */
export interface Range {
  readonly low: number;
  readonly likely: number;
  readonly high: number;
}

/** A quantity that was measured, so that all three values agree. */
export const exactly = (value: number): Range => ({ low: value, likely: value, high: value });

const zero: Range = exactly(0);

/** `range` times a factor of zero or more. */
export const scale = (range: Range, factor: number): Range => ({
  low: range.low * factor,
  likely: range.likely * factor,
  high: range.high * factor,
});

/** The sum of quantities that may all be low, or all be high, at once. */
export const sum = (ranges: readonly Range[]): Range =>
  ranges.reduce(
    (total, range) => ({
      low: total.low + range.low,
      likely: total.likely + range.likely,
      high: total.high + range.high,
    }),
    zero,
  );

/** The larger of two readings of one quantity, value by value. */
export const larger = (a: Range, b: Range): Range => ({
  low: Math.max(a.low, b.low),
  likely: Math.max(a.likely, b.likely),
  high: Math.max(a.high, b.high),
});

/** True where the second reading counts: its likely value is the larger. */
export const isLarger = (a: Range, b: Range): boolean => b.likely > a.likely * (1 + 1e-9);

/** True where all three values agree, to a part in a million. */
export const isExact = (range: Range): boolean =>
  range.high - range.low <= 1e-6 * Math.max(1, Math.abs(range.high));
