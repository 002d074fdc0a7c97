import { at, keeps, slack, usesOf, type Domain, type Row } from './tables';

// A good choice for the search to start from, found by steps.

type Cost = readonly (readonly number[])[];

/** Costs smaller than this only settle ties. */
const matters = 1e-7;

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
export const goodStart = (
  cost: Cost,
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
