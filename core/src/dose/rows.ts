import type { Oil } from '../library/schema';
import type { SumLimit } from '../limits/sums';
import type { Range } from '../quantity/range';
import type { Row } from './tables';

/** An oil as the search sees it: parts ask for drops, other measures stand. */
export interface Dosed {
  readonly oil: Oil;
  /** Volume of one drop where drops are to be chosen; of the whole amount where it stands. */
  readonly unitMl: Range;
  /** Choices of drops from 0 up; 1 for an amount that stands. */
  readonly choices: number;
  readonly stands: boolean;
}

/** The vessel and what tops it up. */
export interface Whole {
  readonly fillMl: number;
  readonly baseDensity: number;
}

/** A row of the search with the limit from which it came. */
export interface LimitRow extends Row {
  readonly from: SumLimit | 'fill';
}

/** The volume at which `coefficient x ml` is greatest. */
const worstMl = (range: Range, coefficient: number): number =>
  coefficient > 0 ? range.high : range.low;

/**
 * `sum(coefficient x ml) <= limit` as a row over drops. What stands is taken off
 * the limit; where that alone is past it, nothing more may be added, but nothing
 * is asked that cannot be.
 */
const linearRow = (
  dosed: readonly Dosed[],
  coefficients: readonly number[],
  limit: number,
  pick: (range: Range, coefficient: number) => number,
  from: LimitRow['from'],
): LimitRow => {
  let left = limit;
  dosed.forEach((entry, i) => {
    const coefficient = coefficients[i] ?? 0;
    if (entry.stands) left -= coefficient * pick(entry.unitMl, coefficient);
  });
  const open = dosed.flatMap((entry, i) =>
    entry.stands ? [] : [{ entry, coefficient: coefficients[i] ?? 0 }],
  );
  return {
    from,
    limit: Math.max(0, left),
    use: open.map(({ entry, coefficient }) =>
      Array.from(
        { length: entry.choices },
        (_, drops) => drops * coefficient * pick(entry.unitMl, coefficient),
      ),
    ),
  };
};

/**
 * A limit by volume and by weight, as rows. By volume the sum over oils of
 * `weight x ml` is at most `cap x fill`. By weight, with the whole weighing
 * `base density x fill + sum((density - base density) x ml)`, the sum of
 * `(weight x density - cap x (density - base density)) x ml` is at most
 * `cap x base density x fill`. Caps here are shares, not percent.
 */
const rowsOf = (
  dosed: readonly Dosed[],
  limit: SumLimit,
  capPercent: number,
  whole: Whole,
  pick: (range: Range, coefficient: number) => number,
): LimitRow[] => {
  if (!Number.isFinite(capPercent)) return [];
  const cap = capPercent / 100;
  const volume = linearRow(dosed, limit.weights, cap * whole.fillMl, pick, limit);
  // Where a density is not known, volume is all that can be kept; the verdict says so.
  if (dosed.some(({ oil }) => oil.densityGPerMl === null)) return [volume];
  const byWeight = dosed.map(({ oil }, i) => {
    const density = oil.densityGPerMl ?? 1;
    return (limit.weights[i] ?? 0) * density - cap * (density - whole.baseDensity);
  });
  return [volume, linearRow(dosed, byWeight, cap * whole.baseDensity * whole.fillMl, pick, limit)];
};

const likely = (range: Range): number => range.likely;

/** What must hold: every maximum on likely drops, and that all fits in the vessel. */
export const limitRows = (
  dosed: readonly Dosed[],
  limits: readonly SumLimit[],
  whole: Whole,
): LimitRow[] => [
  linearRow(
    dosed,
    dosed.map(() => 1),
    whole.fillMl,
    likely,
    'fill',
  ),
  ...limits.flatMap((limit) => rowsOf(dosed, limit, limit.cap, whole, likely)),
];

/** What would make every sum hold rather than need minding. */
export const comfortRows = (
  dosed: readonly Dosed[],
  limits: readonly SumLimit[],
  whole: Whole,
): LimitRow[] =>
  limits.flatMap((limit) => [
    ...rowsOf(dosed, limit, limit.comfortableLikely, whole, likely),
    ...rowsOf(dosed, limit, limit.comfortableHigh, whole, worstMl),
  ]);

/**
 * Where all drops are of one size, a row also says how many drops there can be:
 * a whole number, which makes the bound of the search tight.
 */
export const countRows = (rows: readonly Row[], lowest: readonly number[]): Row[] =>
  rows.flatMap((row) => {
    const perDrop = row.use.map((uses) => uses[1] ?? 0);
    const counted = perDrop.map((use) => use > 1e-12);
    if (perDrop.some((use) => use < 0) || !counted.some(Boolean)) return [];
    let left = row.limit;
    let most = 0;
    row.use.forEach((uses, i) => {
      if (!counted[i]) return;
      const least = Math.min(lowest[i] ?? 0, uses.length - 1);
      left -= least * (perDrop[i] ?? 0);
      most += least;
    });
    const lightest = row.use
      .map((uses, i) => ({ i, room: uses.length - 1 - (lowest[i] ?? 0) }))
      .filter(({ i }) => counted[i])
      .sort((a, b) => (perDrop[a.i] ?? 0) - (perDrop[b.i] ?? 0));
    for (const { i, room } of lightest) {
      const fits = Math.max(0, Math.min(room, left / (perDrop[i] ?? 1)));
      most += fits;
      left -= fits * (perDrop[i] ?? 0);
    }
    return [
      {
        limit: Math.floor(most + 1e-6),
        use: row.use.map((uses, i) => uses.map((_, drops) => (counted[i] ? drops : 0))),
      },
    ];
  });
