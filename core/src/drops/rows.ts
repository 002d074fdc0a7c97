import type { Oil } from '../catalog';
import type { SumLimit } from '../limits';
import { densityOf } from '../mixture';
import type { Range } from '../quantity';
import type { Row } from './solver/row';

/** An oil as the search sees it: parts ask for drops, other measures are fixed. */
export interface Dosed {
  readonly oil: Oil;
  /** Volume of one drop where drops are to be chosen; of the whole amount where it is fixed. */
  readonly unitMl: Range;
  readonly isFixed: boolean;
}

/** The container and what tops it up. */
export interface Whole {
  readonly fillMl: number;
  readonly baseDensity: number;
}

/** A row of the search with the limit from which it came. */
export interface LimitRow extends Row {
  readonly from: SumLimit | 'fill';
}

type Pick = (range: Range, coefficient: number) => number;

/** The volume at which `coefficient x ml` is greatest. */
const worstMl: Pick = (range, coefficient) => (coefficient > 0 ? range.high : range.low);

const likely: Pick = (range) => range.likely;

/**
 * `sum(coefficient x ml) <= limit` as a row over drops. What is fixed is taken off
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
    if (entry.isFixed) left -= use;
    else per.push(use);
  }
  return { from, limit: Math.max(0, left), per };
};

/**
 * A limit by volume and by weight, as rows; one that is checked in one measure, in that. By volume
 * the sum over oils of
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
  if (limit.by !== 'weight') {
    rows.push(linearRow(dosed, (i) => weights[i] ?? 0, cap * whole.fillMl, pick, limit));
  }
  if (limit.by === 'volume') return;
  const byWeight = (i: number): number => {
    const oil = dosed[i]?.oil;
    const density = oil ? densityOf(oil).likely : 1;
    return (weights[i] ?? 0) * density - cap * (density - whole.baseDensity);
  };
  rows.push(linearRow(dosed, byWeight, cap * whole.baseDensity * whole.fillMl, pick, limit));
};

/** What must hold: every maximum on likely drops, and that all fits in the container. */
export const limitRows = (
  dosed: readonly Dosed[],
  limits: readonly SumLimit[],
  whole: Whole,
): LimitRow[] => {
  const rows = [linearRow(dosed, () => 1, whole.fillMl, likely, 'fill')];
  for (const limit of limits)
    addRows(rows, dosed, limit, limit.weights.likely, limit.most, whole, likely);
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
    addRows(rows, dosed, limit, limit.weights.likely, limit.comfortableLikely, whole, likely);
    addRows(rows, dosed, limit, limit.weights.high, limit.comfortableHigh, whole, worstMl);
  }
  return rows;
};
