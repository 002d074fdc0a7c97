import type { Priced } from './priced';
import { slack } from './row';

/** All choices of some places: their drops, cost, extras, use of each row, and use at prices. */
interface Half {
  readonly places: readonly number[];
  readonly size: number;
  readonly drops: Int32Array;
  readonly cost: Float64Array;
  readonly extra: Float64Array;
  readonly used: Float64Array;
  readonly paid: Float64Array;
}

interface Open {
  readonly least: readonly number[];
  readonly most: readonly number[];
}

/** Places dealt out so that both halves have about as many choices. */
const dealt = ({ least, most }: Open): [number[], number[]] => {
  const width = (i: number) => (most[i] ?? 0) - (least[i] ?? 0) + 1;
  const places = least.map((_, i) => i).sort((a, b) => width(b) - width(a));
  const entry: number[] = [];
  const two: number[] = [];
  let ones = 1;
  let twos = 1;
  for (const i of places) {
    if (ones <= twos) {
      entry.push(i);
      ones *= width(i);
    } else {
      two.push(i);
      twos *= width(i);
    }
  }
  return [entry, two];
};

/** Every choice of these places whose extras stay under a gap. */
const choicesOf = (
  { cost, extras, rows, prices }: Priced,
  first: readonly number[],
  { least, most }: Open,
  places: readonly number[],
  gap: number,
): Half => {
  const m = rows.length;
  let size = 1;
  for (const i of places) size *= (most[i] ?? 0) - (least[i] ?? 0) + 1;
  const n = places.length;
  const half = {
    places,
    drops: new Int32Array(size * n),
    cost: new Float64Array(size),
    extra: new Float64Array(size),
    used: new Float64Array(size * m),
    paid: new Float64Array(size),
  };
  const current = new Int32Array(n);
  const used = new Float64Array(m);
  let count = 0;
  const visit = (depth: number, spent: number, extra: number): void => {
    if (depth === n) {
      half.drops.set(current, count * n);
      half.cost[count] = spent;
      half.extra[count] = extra;
      let paid = 0;
      for (let r = 0; r < m; r += 1) {
        half.used[count * m + r] = used[r] ?? 0;
        paid += (prices[r] ?? 0) * (used[r] ?? 0);
      }
      half.paid[count] = paid;
      count += 1;
      return;
    }
    const i = places[depth] ?? 0;
    for (let k = least[i] ?? 0; k <= (most[i] ?? 0); k += 1) {
      const n = k - (first[i] ?? 0);
      const more = extra + (extras[i]?.[n] ?? 0);
      if (more >= gap) continue;
      current[depth] = k;
      for (let r = 0; r < m; r += 1) used[r] = (used[r] ?? 0) + k * (rows[r]?.per[i] ?? 0);
      visit(depth + 1, spent + (cost[i]?.[n] ?? 0), more);
      for (let r = 0; r < m; r += 1) used[r] = (used[r] ?? 0) - k * (rows[r]?.per[i] ?? 0);
    }
  };
  visit(0, 0, 0);
  return { ...half, size: count };
};

/** Indexes of values in rising order: each packed with its index, so that the plain sort serves. */
const risingOrder = (values: Float64Array, count: number): Int32Array => {
  let low = Infinity;
  let high = -Infinity;
  for (let n = 0; n < count; n += 1) {
    low = Math.min(low, values[n] ?? 0);
    high = Math.max(high, values[n] ?? 0);
  }
  const indexes = 2 ** Math.ceil(Math.log2(Math.max(2, count)));
  const steps = 2 ** 52 / indexes;
  const unit = high > low ? steps / (high - low) : 0;
  const keys = new Float64Array(count);
  for (let n = 0; n < count; n += 1) {
    keys[n] = Math.floor(((values[n] ?? 0) - low) * unit) * indexes + n;
  }
  keys.sort();
  const order = new Int32Array(count);
  for (let n = 0; n < count; n += 1) order[n] = (keys[n] ?? 0) % indexes;
  return order;
};

/**
 * The cheapest choice of all that are open, found from every choice of one half of
 * the places beside every choice of the other. A choice that undercuts a value
 * must use nearly all of the rows that have a price, so that beside each choice of
 * one half only few of the other, sorted by what they use, can be.
 *
 * @param first number for which `cost[i][0]` is the cost
 * @param undercut only what costs less than this is wanted
 */
export const fromHalves = (
  priced: Priced,
  first: readonly number[],
  open: Open,
  undercut: number,
): { readonly drops: readonly number[]; readonly value: number } | null => {
  const { rows, prices, bound } = priced;
  const m = rows.length;
  const gap = undercut - bound;
  const [left, right] = dealt(open);
  const entry = choicesOf(priced, first, open, left, gap);
  const two = choicesOf(priced, first, open, right, gap);
  const order = risingOrder(two.paid, two.size);
  let full = 0;
  for (let r = 0; r < m; r += 1) full += (prices[r] ?? 0) * (rows[r]?.limit ?? 0);
  let value = undercut;

  let best: readonly [number, number] | null = null;
  for (let a = 0; a < entry.size; a += 1) {
    // Of this much the second half must use all but the gap, and no more than all.
    const most = full + slack - (entry.paid[a] ?? 0);
    const least = most - 2 * slack - (value - bound - (entry.extra[a] ?? 0));
    let from = 0;
    let to = two.size;
    while (from < to) {
      const middle = (from + to) >> 1;
      if ((two.paid[order[middle] ?? 0] ?? 0) < least) from = middle + 1;
      else to = middle;
    }
    for (let at = from; at < two.size; at += 1) {
      const b = order[at] ?? 0;
      if ((two.paid[b] ?? 0) > most + slack * m) break;

      const cost = (entry.cost[a] ?? 0) + (two.cost[b] ?? 0);
      if (cost >= value) continue;
      let isKept = true;
      for (let r = 0; r < m && isKept; r += 1) {
        isKept =
          (entry.used[a * m + r] ?? 0) + (two.used[b * m + r] ?? 0) <=
          (rows[r]?.limit ?? 0) + slack;
      }
      if (!isKept) continue;
      value = cost;
      best = [a, b];
    }
  }
  if (!best) return null;
  const drops = [...open.least];
  const write = (half: Half, at: number): void => {
    half.places.forEach((i, n) => {
      drops[i] = half.drops[at * half.places.length + n] ?? 0;
    });
  };
  write(entry, best[0]);
  write(two, best[1]);
  return { drops, value };
};
