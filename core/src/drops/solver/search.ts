import { dive, diveWork } from './dive';
import { fromHalves } from './halves';
import { linearBound, type Stretch } from './linearBound';
import { priced, type Priced } from './priced';
import { keepsAll, slack, usedOf, type Row } from './row';

/**
 * An exact search over small whole numbers: for each place a number from `least`
 * to `most`, so that the summed cost is lowest and every row is kept.
 *
 * Branch and bound. Numbers that no row allows are struck out first. The bound is
 * Lagrangian: rows are moved into the cost at a price each, after which every
 * place can be chosen for itself. The prices are those of the linear programme in
 * which parts of a drop are allowed. A dive looks for a good choice; numbers that
 * cost more than the gap it leaves are struck out; what is left is searched from
 * its two halves where it is small enough, else split in two at a part of a drop.
 */
export interface SearchProblem {
  readonly least: readonly number[];
  readonly most: readonly number[];
  /** Cost of `least[i] + n` at place `i` is `cost[i][n]`: convex in n. */
  readonly cost: readonly (readonly number[])[];
  readonly rows: readonly Row[];
  /** Values closer than this count as equal. */
  readonly tolerance: number;
  readonly effort: Effort;
  /** Nothing dearer is looked for. */
  readonly atMost: number;
}

export interface SearchResult {
  readonly drops: readonly number[];
  readonly value: number;
  /** What no choice can undercut: the value itself, where the work was enough to be sure. */
  readonly bound: number;
}

/** How much work a proof is worth: what fits in a frame, or as much as it takes within seconds. */
export type Effort = 'frame' | 'thorough';

/** In steps of a dive, choices of a half or pairs of them: each well under a microsecond. */
const mostWork: Record<Effort, number> = { frame: 30_000, thorough: 2e7 };
/** What opening a box costs, in the same unit. */
const boxWork = 100;
/** Choices, of both halves multiplied, that are searched without another split. */
const searchable: Record<Effort, number> = { frame: 1e8, thorough: 4e9 };
/** Pairs of halves that are looked at without another split. */
const mostPairs = 1e5;
/** Work after which only differences count that could be measured. */
const fineWork = 10_000;
/** In ml: a fifty-thousandth of a drop. */
const coarse = 1e-6;

/** Which numbers are open at each place. */
interface Box {
  readonly least: readonly number[];
  readonly most: readonly number[];
}

/** Strikes out numbers that break a row even with the least of everything else. */
const trimmed = (box: Box, rows: readonly Row[]): Box | null => {
  const least = [...box.least];
  const most = [...box.most];
  for (let changed = true; changed;) {
    changed = false;
    for (const { per, limit } of rows) {
      let used = 0;
      for (let i = 0; i < per.length; i += 1) {
        const use = per[i] ?? 0;
        used += use * ((use > 0 ? least[i] : most[i]) ?? 0);
      }
      const room = limit + slack - used;
      if (room < 0) return null;
      for (let i = 0; i < per.length; i += 1) {
        const use = per[i] ?? 0;
        const spread = (most[i] ?? 0) - (least[i] ?? 0);
        if (spread === 0 || Math.abs(use) * spread <= room) continue;
        const kept = Math.floor(room / Math.abs(use) + 1e-12);
        if (use > 0) most[i] = (least[i] ?? 0) + kept;
        else least[i] = (most[i] ?? 0) - kept;
        changed = true;
      }
    }
  }
  return { least, most };
};

/** Rows that some open choice could break; the others need no watching. */
const watched = (rows: readonly Row[], { least, most }: Box): Row[] =>
  rows.filter(({ per, limit }) => {
    let peak = 0;
    for (let i = 0; i < per.length; i += 1) {
      const use = per[i] ?? 0;
      peak += use * ((use > 0 ? most[i] : least[i]) ?? 0);
    }
    return peak > limit + slack;
  });

/** Costs of the numbers that are open in a box. */
const openCosts = (problem: SearchProblem, { least, most }: Box): number[][] =>
  problem.cost.map((costs, i) => {
    const first = problem.least[i] ?? 0;
    return costs.slice((least[i] ?? 0) - first, (most[i] ?? 0) - first + 1);
  });

/** The stretches on which a drop costs the same. */
const stretchesOf = (cost: readonly (readonly number[])[]): Stretch[] => {
  const stretches: Stretch[] = [];
  cost.forEach((costs, place) => {
    let length = 0;
    let costPerDrop = 0;
    for (let k = 1; k < costs.length; k += 1) {
      const next = (costs[k] ?? 0) - (costs[k - 1] ?? 0);
      if (length > 0 && Math.abs(next - costPerDrop) > 1e-12) {
        stretches.push({ place, length, costPerDrop });
        length = 0;
      }
      if (length === 0) costPerDrop = next;
      length += 1;
    }
    if (length > 0) stretches.push({ place, length, costPerDrop });
  });
  return stretches;
};

/** The cheapest number at each place, rows aside; the larger of equals. */
const eachCheapest = (cost: readonly (readonly number[])[], least: readonly number[]): number[] =>
  cost.map((costs, i) => {
    let best = 0;
    for (let k = 1; k < costs.length; k += 1) {
      if ((costs[k] ?? 0) <= (costs[best] ?? 0) + 1e-12) best = k;
    }
    return (least[i] ?? 0) + best;
  });

/** Numbers that may still be part of a better choice; null where a place has none. */
const narrowed = (box: Box, { extras }: Priced, gap: number): Box | null => {
  const least: number[] = [];
  const most: number[] = [];
  for (let i = 0; i < extras.length; i += 1) {
    const extra = extras[i] ?? [];
    const from = extra.findIndex((more) => more < gap);
    if (from === -1) return null;
    let to = from;
    while ((extra[to + 1] ?? Infinity) < gap) to += 1;
    least.push((box.least[i] ?? 0) + from);
    most.push((box.least[i] ?? 0) + to);
  }
  return { least, most };
};

/** How many choices a box holds, and how widely they differ in what they use at prices. */
const extentOf = ({ least, most }: Box, { rows, prices }: Priced) => {
  let size = 1;
  let variance = 0;
  for (let i = 0; i < least.length; i += 1) {
    const width = (most[i] ?? 0) - (least[i] ?? 0) + 1;
    let paid = 0;
    for (let r = 0; r < rows.length; r += 1) paid += (prices[r] ?? 0) * (rows[r]?.per[i] ?? 0);
    size *= width;
    variance += (paid * paid * (width * width - 1)) / 12;
  }
  return { size, spread: Math.max(slack, 2.5 * Math.sqrt(variance)) };
};

/** Where a box is split: at the place whose number of drops is furthest from whole. */
const splitOf = (
  { least, most }: Box,
  lengths: Float64Array,
  stretches: readonly Stretch[],
): { readonly place: number; readonly below: number } => {
  const drops = [...least];
  stretches.forEach(({ place }, j) => {
    drops[place] = (drops[place] ?? 0) + (lengths[j] ?? 0);
  });
  let place = 0;
  let furthest = -1;
  drops.forEach((k, i) => {
    const spread = (most[i] ?? 0) - (least[i] ?? 0);
    const off = spread === 0 ? -1 : Math.min(k - Math.floor(k), Math.ceil(k) - k) + 1e-6 * spread;
    if (off > furthest) [place, furthest] = [i, off];
  });
  const middle = Math.floor(drops[place] ?? 0);
  return { place, below: Math.min(Math.max(middle, least[place] ?? 0), (most[place] ?? 1) - 1) };
};

/** The cheapest choice within all rows; null where none costs at most `atMost`. */
export const cheapest = (problem: SearchProblem): SearchResult | null => {
  const { effort } = problem;
  let { tolerance } = problem;
  const held: { best: readonly number[] | null } = { best: null };
  let value = problem.atMost + 2 * tolerance;
  let work = 0;
  /** The least that any box given up could hold. */
  let open = Infinity;
  const found = (drops: readonly number[], cost: number): void => {
    held.best = drops;
    value = cost;
  };
  const search = (given: Box): void => {
    const box = trimmed(given, problem.rows);
    if (!box) return;
    const cost = openCosts(problem, box);
    const rows = watched(problem.rows, box);
    const free = eachCheapest(cost, box.least);
    const freeValue = free.reduce(
      (total, k, i) => total + (cost[i]?.[k - (box.least[i] ?? 0)] ?? 0),
      0,
    );
    if (freeValue > value - tolerance) return;
    if (keepsAll(rows, free)) {
      found(free, freeValue);
      return;
    }
    const stretches = stretchesOf(cost);
    const relaxed = linearBound(
      stretches,
      rows.map((row) => ({ per: row.per, limit: row.limit - usedOf(row, box.least) })),
    );
    if (!relaxed) return;
    const prices = priced(cost, box.least, rows, relaxed.prices);
    const { bound } = prices;
    if (bound > value - tolerance) return;
    if (work > mostWork[effort]) {
      open = Math.min(open, bound);
      return;
    }
    if (work > fineWork) tolerance = Math.max(tolerance, coarse);
    const steps = dive(prices, box.least, value, tolerance, found);
    work += boxWork + steps;
    if (steps <= diveWork) return;
    const left = narrowed(box, prices, value - tolerance - bound);
    const rest = left && trimmed(left, rows);
    if (!rest) return;
    const { size, spread } = extentOf(rest, prices);
    const pairs = (size * (value - bound)) / spread;
    if (size <= searchable[effort] && pairs <= mostPairs) {
      work += 2 * Math.sqrt(size) + pairs;
      const better = fromHalves(prices, box.least, rest, value - tolerance);
      if (better) found(better.drops, better.value);
      return;
    }
    const { place, below } = splitOf(rest, relaxed.lengths, stretches);
    search({ ...rest, least: rest.least.map((k, i) => (i === place ? below + 1 : k)) });
    search({ ...rest, most: rest.most.map((k, i) => (i === place ? below : k)) });
  };
  search(problem);
  return held.best && { drops: held.best, value, bound: Math.min(value, open) };
};
