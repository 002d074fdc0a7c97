import type { Priced } from './priced';
import { slack } from './row';

/** Steps of a dive: more are not worth it before the rest is narrowed. */
export const diveWork = 300;

/**
 * Looks depth first for choices that are better than the best, the cheapest of
 * each place first, for a while.
 *
 * @returns steps taken; past `diveWork` it has not seen all
 */
export const dive = (
  { cost, extras, rows, bound }: Priced,
  least: readonly number[],
  start: number,
  tolerance: number,
  found: (drops: readonly number[], value: number) => void,
): number => {
  const places = cost.length;
  const m = rows.length;
  // The larger of equals first.
  const byExtra = extras.map((extra) =>
    extra
      .map((_, k) => k)
      .sort((a, b) => {
        const more = (extra[a] ?? 0) - (extra[b] ?? 0);
        return Math.abs(more) < 1e-12 ? b - a : more;
      }),
  );
  // Places where a second choice costs much are settled first.
  const second = byExtra.map((order, i) => extras[i]?.[order[1] ?? -1] ?? Infinity);
  const order = extras
    .map((_, i) => i)
    .sort((a, b) => (second[b] ?? 0) - (second[a] ?? 0) || a - b);
  // What each row needs when all places from a depth on take their least.
  const rest = Array.from({ length: places + 1 }, () => new Float64Array(m));
  for (let depth = places - 1; depth >= 0; depth -= 1) {
    const i = order[depth] ?? 0;
    const low = least[i] ?? 0;
    const high = low + (cost[i]?.length ?? 1) - 1;
    for (let r = 0; r < m; r += 1) {
      const use = rows[r]?.per[i] ?? 0;
      const needed = rest[depth];
      if (needed) needed[r] = (rest[depth + 1]?.[r] ?? 0) + use * (use > 0 ? low : high);
    }
  }
  const room = Float64Array.from(rows, ({ limit }) => limit + slack);
  const current = new Int32Array(places);
  let value = start;
  let steps = 0;
  const descend = (depth: number, extra: number, spent: number): void => {
    if (depth === places) {
      if (spent >= value - tolerance) return;
      value = spent;
      found(Array.from(current), spent);
      return;
    }
    const i = order[depth] ?? 0;
    const needed = rest[depth + 1];
    for (const k of byExtra[i] ?? []) {
      const more = extra + (extras[i]?.[k] ?? 0);
      if (bound + more > value - tolerance) break;
      steps += 1;
      if (steps > diveWork) return;
      const drops = (least[i] ?? 0) + k;
      let isOpen = true;
      for (let r = 0; r < m && isOpen; r += 1) {
        isOpen = (room[r] ?? 0) - (rows[r]?.per[i] ?? 0) * drops >= (needed?.[r] ?? 0);
      }
      if (!isOpen) continue;
      for (let r = 0; r < m; r += 1) room[r] = (room[r] ?? 0) - (rows[r]?.per[i] ?? 0) * drops;
      current[i] = drops;
      descend(depth + 1, more, spent + (cost[i]?.[k] ?? 0));
      for (let r = 0; r < m; r += 1) room[r] = (room[r] ?? 0) + (rows[r]?.per[i] ?? 0) * drops;
    }
  };
  descend(0, 0, 0);
  return steps;
};
