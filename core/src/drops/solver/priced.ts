import type { Row } from './row';

/**
 * Costs with every row paid for at its price. Of any choice the cost is
 * `bound + extras + what of the rows was paid for and not used`, so that a good
 * choice has small extras and fills what has a price.
 */
export interface Priced {
  readonly cost: readonly (readonly number[])[];
  readonly rows: readonly Row[];
  /** Price of each row, 0 or more. */
  readonly prices: Float64Array;
  /** What each number costs beyond the cheapest of its place. */
  readonly extras: readonly (readonly number[])[];
  /** What no choice within the rows undercuts. */
  readonly bound: number;
}

/** @param least number for which `cost[i][0]` is the cost */
export const priced = (
  cost: readonly (readonly number[])[],
  least: readonly number[],
  rows: readonly Row[],
  prices: Float64Array,
): Priced => {
  let bound = 0;
  for (let r = 0; r < rows.length; r += 1) bound -= (prices[r] ?? 0) * (rows[r]?.limit ?? 0);
  const extras = cost.map((costs, i) => {
    let paid = 0;
    for (let r = 0; r < rows.length; r += 1) paid += (prices[r] ?? 0) * (rows[r]?.per[i] ?? 0);
    const all = costs.map((own, k) => own + paid * ((least[i] ?? 0) + k));
    let base = Infinity;
    for (const entry of all) base = Math.min(base, entry);
    bound += base;
    return all.map((entry) => entry - base);
  });
  return { cost, rows, prices, extras, bound };
};
