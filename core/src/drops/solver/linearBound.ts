import type { Row } from './row';

/** A place of a linear programme: a stretch of drops of one oil that all cost the same. */
export interface Stretch {
  readonly place: number;
  /** Drops in it. */
  readonly length: number;
  readonly costPerDrop: number;
}

/** The least cost with parts of drops allowed, and what each row's limit is worth there. */
export interface LinearBound {
  /** Price of each row, 0 or more: what a unit more of its limit would save. */
  readonly prices: Float64Array;
  /** Drops of each stretch, whole or not. */
  readonly lengths: Float64Array;
}

const dust = 1e-12;
const mostPivots = 200;

/**
 * Least `sum(cost x length)` with each length from 0 to its own, and every row
 * kept: the dual simplex method on a dense table, with bounds that are flipped
 * rather than pivoted where that is enough (the long-step rule). All rows start
 * as slack and every stretch at its cheaper end, which is dual feasible, so that
 * no first phase is needed.
 *
 * @param rows over places; `limit` is what is left for the stretches
 * @returns null where no lengths keep the rows
 */
export const linearBound = (
  stretches: readonly Stretch[],
  rows: readonly Row[],
): LinearBound | null => {
  const n = stretches.length;
  const m = rows.length;
  // Column j < n is a stretch, n + r the slack of row r; at(r, c) with c a nonbasic position.
  const table = new Float64Array(m * n);
  const inRow = new Int32Array(m);
  const inColumn = new Int32Array(n);
  const upper = new Float64Array(n + m).fill(Infinity);
  const isHigh = new Uint8Array(n);
  const reduced = new Float64Array(n);
  const value = new Float64Array(m);
  for (let j = 0; j < n; j += 1) {
    const stretch = stretches[j];
    if (!stretch) continue;
    inColumn[j] = j;
    upper[j] = stretch.length;
    reduced[j] = stretch.costPerDrop;
    isHigh[j] = stretch.costPerDrop < 0 ? 1 : 0;
  }
  for (let r = 0; r < m; r += 1) {
    const row = rows[r];
    if (!row) continue;
    inRow[r] = n + r;
    let left = row.limit;
    for (let j = 0; j < n; j += 1) {
      const use = row.per[stretches[j]?.place ?? 0] ?? 0;
      table[r * n + j] = use;
      if (isHigh[j]) left -= use * (upper[j] ?? 0);
    }
    value[r] = left;
  }
  const eligible = new Int32Array(n);
  for (let pivots = 0; pivots < mostPivots; pivots += 1) {
    // The row that is furthest outside its bounds leaves.
    let leaving = -1;
    let outside = 1e-9;
    let isAbove = false;
    for (let r = 0; r < m; r += 1) {
      const now = value[r] ?? 0;
      const above = now - (upper[inRow[r] ?? 0] ?? Infinity);
      if (-now > outside) [leaving, outside, isAbove] = [r, -now, false];
      if (above > outside) [leaving, outside, isAbove] = [r, above, true];
    }
    if (leaving === -1) break;
    // Columns whose move off their bound brings it back, by what that costs a unit.
    let count = 0;
    for (let c = 0; c < n; c += 1) {
      const use = isAbove ? -(table[leaving * n + c] ?? 0) : (table[leaving * n + c] ?? 0);
      if (isHigh[c] ? use > dust : use < -dust) eligible[count++] = c;
    }
    const ratio = (c: number): number =>
      Math.abs((reduced[c] ?? 0) / (table[leaving * n + c] ?? 1));
    const sorted = eligible.subarray(0, count).sort((a, b) => ratio(a) - ratio(b));
    let entering = -1;
    let open = outside;
    for (const c of sorted) {
      open -= Math.abs(table[leaving * n + c] ?? 0) * (upper[inColumn[c] ?? 0] ?? Infinity);
      if (open <= 1e-10) {
        entering = c;
        break;
      }
    }
    if (entering === -1) return null;
    for (const c of sorted) {
      if (c === entering) break;
      // Flipped from one bound to the other.
      const change = (isHigh[c] ? -1 : 1) * (upper[inColumn[c] ?? 0] ?? 0);
      isHigh[c] = isHigh[c] ? 0 : 1;
      for (let r = 0; r < m; r += 1) value[r] = (value[r] ?? 0) - (table[r * n + c] ?? 0) * change;
    }
    pivot(leaving, entering, isAbove);
  }
  const prices = new Float64Array(m);
  const lengths = new Float64Array(n);
  for (let c = 0; c < n; c += 1) {
    const variable = inColumn[c] ?? 0;
    if (variable >= n) prices[variable - n] = Math.max(0, reduced[c] ?? 0);
    else lengths[variable] = isHigh[c] ? (upper[variable] ?? 0) : 0;
  }
  for (let r = 0; r < m; r += 1) {
    const variable = inRow[r] ?? 0;
    if (variable < n) lengths[variable] = value[r] ?? 0;
  }
  return { prices, lengths };

  function pivot(leaving: number, entering: number, toUpper: boolean): void {
    const left = inRow[leaving] ?? 0;
    const entered = inColumn[entering] ?? 0;
    const target = toUpper ? (upper[left] ?? 0) : 0;
    const by = table[leaving * n + entering] ?? 1;
    const from = isHigh[entering] ? (upper[entered] ?? 0) : 0;
    const step = ((value[leaving] ?? 0) - target) / by;
    for (let r = 0; r < m; r += 1) {
      if (r !== leaving) value[r] = (value[r] ?? 0) - (table[r * n + entering] ?? 0) * step;
    }
    value[leaving] = from + step;
    for (let c = 0; c < n; c += 1) {
      if (c !== entering) table[leaving * n + c] = (table[leaving * n + c] ?? 0) / by;
    }
    table[leaving * n + entering] = 1 / by;
    for (let r = 0; r < m; r += 1) {
      if (r === leaving) continue;
      const factor = table[r * n + entering] ?? 0;
      if (factor === 0) continue;
      for (let c = 0; c < n; c += 1) {
        if (c !== entering) {
          table[r * n + c] = (table[r * n + c] ?? 0) - factor * (table[leaving * n + c] ?? 0);
        }
      }
      table[r * n + entering] = -factor / by;
    }
    const cost = reduced[entering] ?? 0;
    for (let c = 0; c < n; c += 1) {
      if (c !== entering) {
        reduced[c] = (reduced[c] ?? 0) - cost * (table[leaving * n + c] ?? 0);
      }
    }
    reduced[entering] = -cost / by;
    inRow[leaving] = entered;
    inColumn[entering] = left;
    isHigh[entering] = toUpper ? 1 : 0;
  }
};
