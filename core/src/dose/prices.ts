import { at, slack, type Domain, type Row } from './tables';

// The Lagrangian bound: rows are moved into the cost at a price each.

type Cost = readonly (readonly number[])[];

/** Rounds in which prices are bettered together. */
const polishing = 80;

/** How far the cheapest choices pass a row when its price is `price`. */
const excess = (priced: readonly number[][], row: Row, domain: Domain, price: number): number => {
  let used = -row.limit;
  for (let i = 0; i < domain.length; i += 1) {
    const costs = priced[i] ?? [];
    const uses = row.use[i] ?? [];
    let value = Infinity;
    let use = 0;
    for (const k of domain[i] ?? []) {
      const next = (costs[k] ?? 0) + price * (uses[k] ?? 0);
      if (next < value) {
        value = next;
        use = uses[k] ?? 0;
      }
    }
    used += use;
  }
  return used;
};

/** The price at which the cheapest choices no longer pass the row. */
const priceOf = (priced: readonly number[][], row: Row, domain: Domain): number => {
  if (excess(priced, row, domain, 0) <= slack) return 0;
  let high = 1;
  while (excess(priced, row, domain, high) > 0 && high < 1e9) high *= 8;
  if (high >= 1e9) return 0;
  let low = 0;
  for (let round = 0; round < 36 && high - low > 1e-11 * high; round += 1) {
    const middle = (low + high) / 2;
    if (excess(priced, row, domain, middle) > 0) low = middle;
    else high = middle;
  }
  return high;
};

const reprice = (priced: number[][], row: Row, domain: Domain, change: number): void => {
  if (change === 0) return;
  domain.forEach((choices, i) => {
    const costs = priced[i] ?? [];
    for (const k of choices) costs[k] = (costs[k] ?? 0) + change * at(row.use, i, k);
  });
};

export interface Priced {
  /** Costs with every row's price added. */
  readonly priced: number[][];
  /** What the prices come to at the limits. */
  readonly atLimits: number;
  /** No choice within the rows is cheaper. */
  readonly bound: number;
}

const boundOf = (priced: readonly number[][], domain: Domain, atLimits: number): number =>
  domain.reduce((total, choices, i) => {
    let least = Infinity;
    for (const k of choices) least = Math.min(least, priced[i]?.[k] ?? 0);
    return total + least;
  }, -atLimits);

/** What prices come to. Any prices give a valid bound. */
export const pricedAt = (
  cost: Cost,
  rows: readonly Row[],
  domain: Domain,
  prices: readonly number[],
): Priced => {
  const priced = cost.map((costs) => [...costs]);
  rows.forEach((row, r) => reprice(priced, row, domain, prices[r] ?? 0));
  const atLimits = rows.reduce((total, row, r) => total + (prices[r] ?? 0) * row.limit, 0);
  return { priced, atLimits, bound: boundOf(priced, domain, atLimits) };
};

/** Prices raised one row at a time until the bound stands still. */
export const oneByOne = (cost: Cost, rows: readonly Row[], domain: Domain): number[] => {
  const priced = cost.map((costs) => [...costs]);
  const prices = rows.map(() => 0);
  for (let pass = 0; pass < 4; pass += 1) {
    let moved = 0;
    rows.forEach((row, r) => {
      const before = prices[r] ?? 0;
      reprice(priced, row, domain, -before);
      const price = priceOf(priced, row, domain);
      reprice(priced, row, domain, price);
      prices[r] = price;
      moved = Math.max(moved, Math.abs(price - before));
    });
    if (moved < 1e-9 || rows.length === 1) break;
  }
  return prices;
};

/**
 * Prices bettered all at once, along the subgradient with Polyak's step towards a
 * value that is known to be reached: where several rows bind, one row at a time
 * gets stuck.
 */
export const together = (
  cost: Cost,
  rows: readonly Row[],
  domain: Domain,
  from: readonly number[],
  reached: number,
): Priced => {
  let best = pricedAt(cost, rows, domain, from);
  let prices = [...from];
  let now = best;
  let pace = 1;
  let idle = 0;
  for (let round = 0; round < polishing && reached - best.bound > 1e-12; round += 1) {
    const excesses = rows.map((row) => excess(now.priced, row, domain, 0));
    const length = excesses.reduce((total, value) => total + value * value, 0);
    if (length < 1e-24) break;
    const step = (pace * (reached - now.bound)) / length;
    prices = prices.map((price, r) => Math.max(0, price + step * (excesses[r] ?? 0)));
    now = pricedAt(cost, rows, domain, prices);
    if (now.bound > best.bound + 1e-13) {
      best = now;
      idle = 0;
    } else if ((idle += 1) >= 5) {
      pace /= 2;
      idle = 0;
    }
  }
  return best;
};

/** The cheapest choice at each place, rows aside. */
export const leastOf = (priced: readonly number[][], domain: Domain): number[] =>
  domain.map((choices, i) =>
    choices.reduce(
      (least, k) => (at(priced, i, k) < at(priced, i, least) ? k : least),
      choices[0] ?? 0,
    ),
  );
