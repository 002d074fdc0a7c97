import { keepsAll, slack, usedOf, type Row } from './row';
import { cheapest, type Effort, type SearchResult } from './search';

/** A ten-thousandth of a drop, in ml: no one can measure it. */
const negligible = 5e-6;

/** What is looked for: numbers of drops near to what was wanted, within limits. */
export interface Search {
  /** Likely volume of a drop of each oil, in ml. */
  readonly unit: readonly number[];
  readonly wanted: readonly number[];
  readonly least: readonly number[];
  readonly most: readonly number[];
  readonly rows: readonly Row[];
}

/** What the total's distance is worth beside the oils' own: so little that it only settles ties. */
const totalWeight = 1e-5;

/** Costs closer than this are equal: far less than a drop's share in `totalWeight`. */
const alike = 1e-8;

/**
 * Costs of each number of drops: its distance from what was wanted, and the total's
 * on one side, where that is a plain sum.
 *
 * @param side 1 where the total falls short of what was wanted, -1 where it goes beyond
 */
const costsOf = ({ unit, wanted: asked, least, most }: Search, side: 1 | -1): number[][] =>
  unit.map((ml, i) => {
    const costs: number[] = [];
    for (let k = least[i] ?? 0; k <= (most[i] ?? 0); k += 1) {
      const off = k * ml - (asked[i] ?? 0);
      costs.push(Math.abs(off) - totalWeight * side * off);
    }
    return costs;
  });

/**
 * The nearest choice: the summed distance from the asked volumes is least, and
 * among equals the total is closest to the asked total.
 *
 * @param atMost what it may cost; nothing dearer is looked for
 */
const nearest = (
  search: Search,
  rows: readonly Row[],
  effort: Effort,
  atMost = Infinity,
): SearchResult | null => {
  const { unit, wanted: asked, least, most } = search;
  const total = asked.reduce((sum, ml) => sum + ml, 0);
  const common = { least, most, tolerance: alike, effort };
  const short = cheapest({ ...common, cost: costsOf(search, 1), rows, atMost });
  // Beyond what was wanted this cost is too low for what it is, so that a best choice
  // that falls short is the best of all.
  const reached = short ? usedOf({ per: unit, limit: 0 }, short.drops) : total;
  if (!short || reached <= total + slack) return short;
  const onSide = (side: 1 | -1, most: number): SearchResult | null =>
    cheapest({
      ...common,
      cost: costsOf(search, side),
      rows: [...rows, { per: unit.map((ml) => side * ml), limit: side * total + slack }],
      atMost: most,
    });
  const below = onSide(1, atMost);
  const beyond = onSide(-1, below ? below.value - alike : atMost);
  if (!below || !beyond) return beyond ?? below;
  return { ...beyond, bound: Math.min(beyond.bound, below.bound) };
};

/**
 * Among choices that are as near, one that keeps the shares as even as they were
 * asked, and gives the earlier oil of the list the drop: exchanges of one drop for
 * another, each the best there is, until none helps.
 */
const evened = (search: Search, rows: readonly Row[], start: readonly number[]): number[] => {
  const { unit, wanted: asked, least, most } = search;
  const drops = [...start];
  const off = (i: number, by: number): number =>
    ((drops[i] ?? 0) + by) * (unit[i] ?? 0) - (asked[i] ?? 0);
  const distance = (i: number, by: number): number => Math.abs(off(i, by)) - Math.abs(off(i, 0));
  const square = (i: number, by: number): number => off(i, by) ** 2 - off(i, 0) ** 2;
  for (let round = 0; round < 200; round += 1) {
    let best: readonly [number, number] | null = null;
    let gain = 1e-9;
    for (let to = 0; to < drops.length; to += 1) {
      if ((drops[to] ?? 0) >= (most[to] ?? 0)) continue;
      for (let from = 0; from < drops.length; from += 1) {
        if (from === to || (drops[from] ?? 0) <= (least[from] ?? 0)) continue;
        if (Math.abs((unit[to] ?? 0) - (unit[from] ?? 0)) > alike) continue;
        if (distance(to, 1) + distance(from, -1) > alike) continue;
        // The order of the list weighs less than any unevenness that could be measured.
        const better = -square(to, 1) - square(from, -1) + (from - to) * 1e-8;
        if (better <= gain) continue;
        drops[to] = (drops[to] ?? 0) + 1;
        drops[from] = (drops[from] ?? 0) - 1;
        if (keepsAll(rows, drops)) [best, gain] = [[to, from], better];
        drops[to] = (drops[to] ?? 0) - 1;
        drops[from] = (drops[from] ?? 0) + 1;
      }
    }
    if (!best) break;
    drops[best[0]] = (drops[best[0]] ?? 0) + 1;
    drops[best[1]] = (drops[best[1]] ?? 0) - 1;
  }
  return drops;
};

/**
 * The whole numbers of drops, in the order of what matters: the summed distance
 * from the asked volumes is least; the total is closest to the asked total; among
 * equals one that holds; then shares are kept as even as can be; then the earlier
 * oil of the list gets the drop.
 *
 * @param comfort rows within which every finding holds; none where no choice that is as
 *   near as these drops could keep them
 */
export const settleNumbers = (
  search: Search,
  comfort: (drops: readonly number[]) => readonly Row[],
  effort: Effort,
): { readonly drops: readonly number[]; readonly nearerByMl: number } | null => {
  const best = nearest(search, search.rows, effort);
  if (!best) return null;
  const gap = best.value - best.bound;
  const nearerByMl = gap <= negligible ? 0 : gap;
  const calmRows = comfort(best.drops);
  if (calmRows.length === 0) return { drops: evened(search, search.rows, best.drops), nearerByMl };
  const rows = [...search.rows, ...calmRows];
  const calm = keepsAll(calmRows, best.drops)
    ? best
    : nearest(search, rows, effort, best.value + alike);
  return {
    drops: calm ? evened(search, rows, calm.drops) : evened(search, search.rows, best.drops),
    nearerByMl,
  };
};
