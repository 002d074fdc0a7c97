import type { Oil } from '../library/schema';
import type { SumLimit } from '../limits/sums';
import type { Range } from '../quantity/range';

/** An oil as the search sees it: parts ask for drops, other measures stand. */
export interface Dosed {
  readonly oil: Oil;
  /** Volume of one drop where drops are to be chosen; of the whole amount where it stands. */
  readonly unitMl: Range;
  readonly stands: boolean;
}

/** The vessel and what tops it up. */
export interface Whole {
  readonly fillMl: number;
  readonly baseDensity: number;
}

/** `sum(per[i] x drops[i]) <= limit`: how much of something each drop uses, and how much there is. */
export interface Row {
  readonly per: readonly number[];
  readonly limit: number;
}

/** A row of the search with the limit from which it came. */
export interface LimitRow extends Row {
  readonly from: SumLimit | 'fill';
}

/** The dust of floating point, in any unit. */
export const slack = 1e-9;

/** What drops use of a row. */
export const usedOf = ({ per }: Row, drops: readonly number[]): number => {
  let used = 0;
  for (let i = 0; i < per.length; i += 1) used += (per[i] ?? 0) * (drops[i] ?? 0);
  return used;
};

/** True where drops keep every row. */
export const keepsAll = (rows: readonly Row[], drops: readonly number[]): boolean =>
  rows.every((row) => usedOf(row, drops) <= row.limit + slack);

type Pick = (range: Range, coefficient: number) => number;

/** The volume at which `coefficient x ml` is greatest. */
const worstMl: Pick = (range, coefficient) => (coefficient > 0 ? range.high : range.low);

const likely: Pick = (range) => range.likely;

/**
 * `sum(coefficient x ml) <= limit` as a row over drops. What stands is taken off
 * the limit; where that alone is past it, nothing more may be added, but nothing
 * is asked that cannot be.
 */
const linearRow = (
  dosed: readonly Dosed[],
  coefficientOf: (i: number) => number,
  limit: number,
  pick: Pick,
  from: LimitRow['from'],
): LimitRow => {
  const per: number[] = [];
  let left = limit;
  for (let i = 0; i < dosed.length; i += 1) {
    const entry = dosed[i];
    if (!entry) continue;
    const coefficient = coefficientOf(i);
    const use = coefficient === 0 ? 0 : coefficient * pick(entry.unitMl, coefficient);
    if (entry.stands) left -= use;
    else per.push(use);
  }
  return { from, limit: Math.max(0, left), per };
};

/**
 * A limit by volume and by weight, as rows. By volume the sum over oils of
 * `weight x ml` is at most `cap x fill`. By weight, with the whole weighing
 * `base density x fill + sum((density - base density) x ml)`, the sum of
 * `(weight x density - cap x (density - base density)) x ml` is at most
 * `cap x base density x fill`. Caps here are shares, not percent.
 */
const addRows = (
  rows: LimitRow[],
  dosed: readonly Dosed[],
  limit: SumLimit,
  weights: readonly number[],
  capPercent: number,
  whole: Whole,
  pick: Pick,
): void => {
  if (!Number.isFinite(capPercent)) return;
  const cap = capPercent / 100;
  rows.push(linearRow(dosed, (i) => weights[i] ?? 0, cap * whole.fillMl, pick, limit));
  // Where a density is not known, volume is all that can be kept; the verdict says so.
  if (dosed.some(({ oil }) => oil.densityGPerMl === null)) return;
  const byWeight = (i: number): number => {
    const density = dosed[i]?.oil.densityGPerMl ?? 1;
    return (weights[i] ?? 0) * density - cap * (density - whole.baseDensity);
  };
  rows.push(linearRow(dosed, byWeight, cap * whole.baseDensity * whole.fillMl, pick, limit));
};

/** What must hold: every maximum on likely drops, and that all fits in the vessel. */
export const limitRows = (
  dosed: readonly Dosed[],
  limits: readonly SumLimit[],
  whole: Whole,
): LimitRow[] => {
  const rows = [linearRow(dosed, () => 1, whole.fillMl, likely, 'fill')];
  for (const limit of limits) addRows(rows, dosed, limit, limit.weights, limit.cap, whole, likely);
  return rows;
};

/** What would make every sum hold rather than need minding. */
export const comfortRows = (
  dosed: readonly Dosed[],
  limits: readonly SumLimit[],
  whole: Whole,
): LimitRow[] => {
  const rows: LimitRow[] = [];
  for (const limit of limits) {
    addRows(rows, dosed, limit, limit.weights, limit.comfortableLikely, whole, likely);
    addRows(rows, dosed, limit, limit.highWeights, limit.comfortableHigh, whole, worstMl);
  }
  return rows;
};

/**
 * Where all drops are of one size, a row also says how many drops there can be:
 * a whole number, which makes the bound of the search tight.
 *
 * @param least the fewest drops of each oil
 * @param most the most drops of each oil
 */
export const countRows = (
  rows: readonly Row[],
  least: readonly number[],
  most: readonly number[],
): Row[] =>
  rows.flatMap((row) => {
    if (row.per.some((use) => use < 0)) return [];
    const counted = row.per.map((use) => use > 1e-12);
    if (!counted.some(Boolean)) return [];
    let left = row.limit;
    let count = 0;
    const lightest: { use: number; room: number }[] = [];
    row.per.forEach((use, i) => {
      if (!counted[i]) return;
      const lowest = least[i] ?? 0;
      left -= lowest * use;
      count += lowest;
      lightest.push({ use, room: (most[i] ?? 0) - lowest });
    });
    lightest.sort((a, b) => a.use - b.use);
    for (const { use, room } of lightest) {
      const fits = Math.max(0, Math.min(room, left / use));
      count += fits;
      left -= fits * use;
    }
    return [{ limit: Math.floor(count + 1e-6), per: counted.map(Number) }];
  });
