import { goodStart } from './goodStart';
import { leastOf, oneByOne, pricedAt, together, type Priced } from './prices';
import { at, leastUse, slack, trimmed, watched, type Domain, type Row } from './tables';

/**
 * An exact search over small whole numbers: for each place `i` a choice `k` out of
 * `domain[i]`, so that the summed cost is least and every row keeps its limit.
 * Costs and uses are tables, so that a distance, a square or a count all look
 * alike.
 *
 * Branch and bound. Choices that no row allows are struck out first. The bound is
 * Lagrangian: rows are moved into the cost at a price each, after which every
 * place can be chosen for itself; prices are raised one row at a time. Any prices
 * give a valid bound, so the result is exact whatever they are. A partial choice
 * that an earlier one dominates (as dear, no row fuller) is dropped.
 */

export interface SearchProblem {
  readonly cost: readonly (readonly number[])[];
  readonly rows: readonly Row[];
  readonly domain: Domain;
  /** Values closer than this count as equal. */
  readonly tolerance: number;
  /** A gap to the bound that is as good as none. */
  readonly negligible: number;
}

export interface SearchResult {
  readonly choice: readonly number[];
  readonly value: number;
  /** Choices that can still be part of a result as good as this one. */
  readonly domain: Domain;
  /** Implied by the rows and the value, with strong bounds place by place. */
  readonly implied: Row;
  /** False where the work ran out before it was sure. */
  readonly proved: boolean;
}

/** Branches that are looked at before anything better is thought of. */
const littleWork = 400;
/** Branches looked at before giving up on the proof. */
const mostWork = 20_000;
const memoAfter = 64;
const statesKept = 24;

/** Remembers partial choices of a depth; tells when an earlier one is as good in every way. */
const dominance = (depths: number) => {
  const seen = Array.from({ length: depths }, () => new Map<number, number[][]>());
  return (depth: number, cost: number, used: readonly number[]): boolean => {
    const states = seen[depth];
    if (!states) return false;
    const key = Math.round(cost * 1e8);
    const list = states.get(key);
    if (!list) {
      states.set(key, [[...used]]);
      return false;
    }
    if (list.some((state) => state.every((use, r) => use <= (used[r] ?? 0) + slack))) return true;
    if (list.length < statesKept) list.push([...used]);
    return false;
  };
};

/** The least use of each row from a depth on, for telling dead ends early. */
const suffixes = (rows: readonly Row[], order: readonly number[], domain: Domain): number[][] =>
  rows.map((row) => {
    const suffix = Array<number>(order.length + 1).fill(0);
    for (let depth = order.length - 1; depth >= 0; depth -= 1) {
      const i = order[depth] ?? 0;
      suffix[depth] = (suffix[depth + 1] ?? 0) + leastUse(row, domain[i] ?? [], i);
    }
    return suffix;
  });

/** Walks choices depth by depth while every row can still be kept. */
const walker = (rows: readonly Row[], order: readonly number[], domain: Domain) => {
  const suffix = suffixes(rows, order, domain);
  const used = rows.map(() => 0);
  return {
    used,
    fits: (depth: number, k: number): boolean => {
      const i = order[depth] ?? 0;
      for (let r = 0; r < rows.length; r += 1) {
        const row = rows[r];
        if (!row) continue;
        const use = (used[r] ?? 0) + at(row.use, i, k) + (suffix[r]?.[depth + 1] ?? 0);
        if (use > row.limit + slack) return false;
      }
      return true;
    },
    take: (depth: number, k: number, sign: 1 | -1): void => {
      const i = order[depth] ?? 0;
      rows.forEach((row, r) => {
        used[r] = (used[r] ?? 0) + sign * at(row.use, i, k);
      });
    },
  };
};

/** What came of a search with some prices and some work. */
interface Branched {
  readonly best: readonly number[] | null;
  readonly value: number;
  /** Choices at each place by what they cost beyond the cheapest. */
  readonly choices: readonly (readonly { readonly k: number; readonly extra: number }[])[];
  /** The work was enough to be sure. */
  readonly closed: boolean;
}

/** Branch and bound at given prices, from a choice that is known or from none. */
const branch = (
  { cost, tolerance }: Pick<SearchProblem, 'cost' | 'tolerance'>,
  rows: readonly Row[],
  domain: Domain,
  { priced, bound }: Priced,
  start: { readonly choice: readonly number[]; readonly value: number } | null,
  budget: number,
): Branched => {
  // Larger choices first among equals.
  const choices = domain.map((open, i) => {
    const costs = priced[i] ?? [];
    const base = Math.min(...open.map((k) => costs[k] ?? 0));
    return open
      .map((k) => ({ k, extra: (costs[k] ?? 0) - base }))
      .sort((a, b) => (Math.abs(a.extra - b.extra) < 1e-12 ? b.k - a.k : a.extra - b.extra));
  });
  // Places where a second choice costs much are settled first.
  const second = choices.map((list) => list[1]?.extra ?? Infinity);
  const order = choices
    .map((_, i) => i)
    .sort((a, b) => (second[b] ?? 0) - (second[a] ?? 0) || a - b);
  const walk = walker(rows, order, domain);
  const isDominated = dominance(cost.length);

  const current = Array<number>(cost.length).fill(0);
  let best = start?.choice ?? null;
  let value = start?.value ?? Infinity;
  let nodes = 0;
  const descend = (depth: number, extra: number, spent: number): void => {
    if (depth === cost.length) {
      if (spent < value) {
        value = spent;
        best = [...current];
      }
      return;
    }
    if (nodes > memoAfter && isDominated(depth, spent, walk.used)) return;
    const i = order[depth] ?? 0;
    for (const { k, extra: more } of choices[i] ?? []) {
      if (bound + extra + more > value - tolerance) break;
      nodes += 1;
      if (nodes > budget) return;
      if (!walk.fits(depth, k)) continue;
      walk.take(depth, k, 1);
      current[i] = k;
      descend(depth + 1, extra + more, spent + at(cost, i, k));
      walk.take(depth, k, -1);
    }
  };
  descend(0, 0, 0);
  return { best, value, choices, closed: nodes <= budget };
};

/**
 * The cheapest choice within all rows. A little work is often enough; where it is
 * not, a good start is looked for, prices are bettered, and more work is done.
 *
 * @returns null where no choice keeps every row
 */
export const cheapest = (problem: SearchProblem): SearchResult | null => {
  const { cost, tolerance } = problem;
  const domain = trimmed(problem.domain, problem.rows);
  if (!domain) return null;
  const rows = watched(problem.rows, domain);
  const prices = oneByOne(cost, rows, domain);
  let now = pricedAt(cost, rows, domain, prices);
  let found = branch(problem, rows, domain, now, null, littleWork);
  if (!found.closed) {
    const choice = goodStart(cost, rows, domain, leastOf(now.priced, domain));
    const value = choice ? choice.reduce((total, k, i) => total + at(cost, i, k), 0) : Infinity;
    const start =
      choice && value <= found.value
        ? { choice, value }
        : found.best && { choice: found.best, value: found.value };
    if (rows.length > 1 && start) now = together(cost, rows, domain, prices, start.value);
    found = branch(problem, rows, domain, now, start, mostWork);
  }
  const { best, value, choices, closed } = found;
  if (best === null) return null;
  const gap = value - now.bound + 2 * tolerance;
  return {
    choice: best,
    value,
    domain: choices.map((list) =>
      list
        .filter(({ extra }) => extra <= gap)
        .map(({ k }) => k)
        .sort((a, b) => a - b),
    ),
    implied: { use: now.priced, limit: value + 2 * tolerance + now.atLimits + slack },
    // What is left open is less than anyone can measure.
    proved: closed || value - now.bound <= problem.negligible,
  };
};

/**
 * Of all choices within the rows, the one that gives the earliest place the most,
 * then the next, and so on.
 */
export const firstInOrder = (rows: readonly Row[], given: Domain): readonly number[] | null => {
  const domain = trimmed(given, rows);
  if (!domain) return null;
  const order = domain.map((_, i) => i);
  const walk = walker(watched(rows, domain), order, domain);
  const current: number[] = [];
  let nodes = 0;
  const descend = (depth: number): boolean => {
    if (depth === domain.length) return true;
    for (const k of (domain[depth] ?? []).toReversed()) {
      nodes += 1;
      if (nodes > mostWork) return false;
      if (!walk.fits(depth, k)) continue;
      walk.take(depth, k, 1);
      current[depth] = k;
      if (descend(depth + 1)) return true;
      walk.take(depth, k, -1);
    }
    return false;
  };
  return descend(0) ? current : null;
};
