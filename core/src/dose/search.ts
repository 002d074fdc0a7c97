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

/** Uses of one resource, `use[i][k]`, and how much of it there is. */
export interface Row {
  readonly use: readonly (readonly number[])[];
  readonly limit: number;
}

/** Which choices are open at each place, in rising order. */
export type Domain = readonly (readonly number[])[];

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

/** Branches looked at before giving up on the proof. */
const nodeBudget = 20_000;
const memoAfter = 64;
/** Costs smaller than this only settle ties. */
const matters = 1e-7;
/** Rounds in which prices are bettered together. */
const polishing = 80;
const statesKept = 24;
const slack = 1e-9;

const at = (table: readonly (readonly number[])[], i: number, k: number): number =>
  table[i]?.[k] ?? 0;

const leastUse = (row: Row, choices: readonly number[], i: number): number => {
  let least = Infinity;
  for (const k of choices) least = Math.min(least, at(row.use, i, k));
  return least;
};

/** Strikes out choices that break a row even with the least of everything else. */
const trimmed = (domain: Domain, rows: readonly Row[]): Domain | null => {
  let open = domain;
  for (let changed = true; changed;) {
    changed = false;
    for (const row of rows) {
      const least = open.map((choices, i) => leastUse(row, choices, i));
      const total = least.reduce((sum, use) => sum + use, 0);
      const next = open.map((choices, i) => {
        const others = total - (least[i] ?? 0);
        const kept = choices.filter((k) => others + at(row.use, i, k) <= row.limit + slack);
        return kept.length === choices.length ? choices : kept;
      });
      if (next.some((choices) => choices.length === 0)) return null;
      if (next.some((choices, i) => choices !== open[i])) {
        open = next;
        changed = true;
      }
    }
  }
  return open;
};

/** Rows that some open choice could break; the others need no watching. */
const watched = (rows: readonly Row[], domain: Domain): Row[] =>
  rows.filter((row) => {
    let most = 0;
    domain.forEach((choices, i) => {
      let peak = -Infinity;
      for (const k of choices) peak = Math.max(peak, at(row.use, i, k));
      most += peak;
    });
    return most > row.limit + slack;
  });

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

interface Priced {
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

const pricedAt = (
  cost: SearchProblem['cost'],
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
const oneByOne = (cost: SearchProblem['cost'], rows: readonly Row[], domain: Domain): number[] => {
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
const together = (
  cost: SearchProblem['cost'],
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

const leastOf = (priced: readonly number[][], domain: Domain): number[] =>
  domain.map((choices, i) =>
    choices.reduce(
      (least, k) => (at(priced, i, k) < at(priced, i, least) ? k : least),
      choices[0] ?? 0,
    ),
  );

const usesOf = (rows: readonly Row[], choice: readonly number[]): number[] =>
  rows.map((row) => choice.reduce((total, k, i) => total + at(row.use, i, k), 0));

const keeps = (rows: readonly Row[], uses: readonly number[]): boolean =>
  rows.every((row, r) => (uses[r] ?? 0) <= row.limit + slack);

/** How far a choice passes the rows, as shares of their limits. */
const overuse = (rows: readonly Row[], uses: readonly number[]): number =>
  rows.reduce(
    (total, row, r) =>
      total + Math.max(0, (uses[r] ?? 0) - row.limit - slack) / Math.max(1e-9, Math.abs(row.limit)),
    0,
  );

/** A step of one place, or of two at once, to the next choice up or down. */
type Move = readonly { readonly i: number; readonly by: 1 | -1 }[];

const movesOf = (places: number): Move[] => {
  const single = Array.from({ length: places }, (_, i) => i).flatMap((i): Move[] => [
    [{ i, by: 1 }],
    [{ i, by: -1 }],
  ]);
  const double = single.flatMap(([one], n) =>
    single
      .slice(n + 1)
      .flatMap(([two]): Move[] => (one && two && one.i !== two.i ? [[one, two]] : [])),
  );
  return [...single, ...double];
};

/**
 * A good choice to start from: the cheapest at the prices, brought within the rows
 * step by step, then bettered by single and double steps while any helps. A step
 * that costs nothing and leaves the rows emptier helps too: it makes room.
 */
const goodStart = (
  cost: SearchProblem['cost'],
  rows: readonly Row[],
  domain: Domain,
  from: readonly number[],
): readonly number[] | null => {
  const places = domain.length;
  const place = from.map((k, i) => Math.max(0, domain[i]?.indexOf(k) ?? 0));
  const choice = () => place.map((n, i) => domain[i]?.[n] ?? 0);
  let used = usesOf(rows, choice());
  const fullness = rows.map(({ limit }) => 1 / Math.max(1e-9, Math.abs(limit)));
  const moves = movesOf(places);
  const stepOf = (i: number, by: 1 | -1): { cost: number; uses: number[] } | null => {
    const now = domain[i]?.[place[i] ?? 0];
    const next = domain[i]?.[(place[i] ?? 0) + by];
    if (now === undefined || next === undefined) return null;
    return {
      cost: at(cost, i, next) - at(cost, i, now),
      uses: rows.map((row) => at(row.use, i, next) - at(row.use, i, now)),
    };
  };
  // First only what matters counts, and room is made; then the least of costs too.
  let coarse = true;
  for (let round = 0; round < 300; round += 1) {
    const past = overuse(rows, used);
    const up = Array.from({ length: places }, (_, i) => stepOf(i, 1));
    const down = Array.from({ length: places }, (_, i) => stepOf(i, -1));
    let best: Move | null = null;
    let bestScore = past > 0 ? Infinity : coarse ? -1e-12 : -1e-13;
    for (const move of moves) {
      // Out of the rows only single steps are taken: what helps most for its cost.
      if (past > 0 && move.length > 1) break;
      let change = 0;
      const uses = [...used];
      let open = true;
      for (const { i, by } of move) {
        const step = by === 1 ? up[i] : down[i];
        if (!step) {
          open = false;
          break;
        }
        change += step.cost;
        for (let r = 0; r < uses.length; r += 1) uses[r] = (uses[r] ?? 0) + (step.uses[r] ?? 0);
      }
      if (!open) continue;
      if (past > 0) {
        const relief = past - overuse(rows, uses);
        if (relief > 0 && change / relief < bestScore) {
          bestScore = change / relief;
          best = move;
        }
      } else if (change < (coarse ? matters : 0) && keeps(rows, uses)) {
        const room = uses.reduce(
          (total, use, r) => total + (use - (used[r] ?? 0)) * (fullness[r] ?? 0),
          0,
        );
        const score = coarse && Math.abs(change) < matters ? 1e-9 * room : change;
        if (score < bestScore) {
          bestScore = score;
          best = move;
        }
      }
    }
    if (!best && coarse && past === 0) {
      coarse = false;
      continue;
    }
    if (!best) break;
    for (const { i, by } of best) {
      used = usesPlus(used, (by === 1 ? up[i] : down[i])?.uses ?? []);
      place[i] = (place[i] ?? 0) + by;
    }
  }
  return keeps(rows, used) ? choice() : null;
};

const usesPlus = (uses: readonly number[], more: readonly number[]): number[] =>
  uses.map((use, r) => use + (more[r] ?? 0));

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

/**
 * The cheapest choice within all rows.
 *
 * @returns null where no choice keeps every row
 */
export const cheapest = (problem: SearchProblem): SearchResult | null => {
  const { cost, tolerance } = problem;
  const domain = trimmed(problem.domain, problem.rows);
  if (!domain) return null;
  const places = cost.length;
  const rows = watched(problem.rows, domain);
  const prices = oneByOne(cost, rows, domain);
  const atFirst = pricedAt(cost, rows, domain, prices);
  const costOf = (choice: readonly number[]) =>
    choice.reduce((total, k, i) => total + at(cost, i, k), 0);
  const start = goodStart(cost, rows, domain, leastOf(atFirst.priced, domain));
  const startValue = start ? costOf(start) : Infinity;
  const { priced, atLimits, bound } =
    rows.length > 1 && start ? together(cost, rows, domain, prices, startValue) : atFirst;

  // At each place the choices by what they cost beyond the cheapest; larger ones first among equals.
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
  const isDominated = dominance(places);

  const current = Array<number>(places).fill(0);
  let best: readonly number[] = start ?? [];
  let bestValue = startValue;
  let nodes = 0;
  const descend = (depth: number, extra: number, spent: number): void => {
    if (depth === places) {
      if (spent < bestValue) {
        bestValue = spent;
        best = [...current];
      }
      return;
    }
    if (nodes > memoAfter && isDominated(depth, spent, walk.used)) return;
    const i = order[depth] ?? 0;
    for (const { k, extra: more } of choices[i] ?? []) {
      if (bound + extra + more > bestValue - tolerance) break;
      nodes += 1;
      if (nodes > nodeBudget) return;
      if (!walk.fits(depth, k)) continue;
      walk.take(depth, k, 1);
      current[i] = k;
      descend(depth + 1, extra + more, spent + at(cost, i, k));
      walk.take(depth, k, -1);
    }
  };
  descend(0, 0, 0);
  if (bestValue === Infinity) return null;
  const gap = bestValue - bound + 2 * tolerance;
  return {
    choice: best,
    value: bestValue,
    domain: choices.map((list) =>
      list
        .filter(({ extra }) => extra <= gap)
        .map(({ k }) => k)
        .sort((a, b) => a - b),
    ),
    implied: { use: priced, limit: bestValue + 2 * tolerance + atLimits + slack },
    // What is left open is less than anyone can measure.
    proved: nodes <= nodeBudget || bestValue - bound <= problem.negligible,
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
      if (nodes > nodeBudget) return false;
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
