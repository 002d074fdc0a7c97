/**
 * Whether `value` is past `limit` by more than the dust of floating point.
 * 9.5 ml times 5 % over 9.5 ml is 5 %, not a hair above it.
 */
export const isPast = (value: number, limit: number): boolean =>
  value > limit + 1e-9 * Math.max(1, Math.abs(limit));
