import { slack, usedOf } from './solver/row';
import type { Dosed, LimitRow } from './rows';

/** What parts and a target come to before they are rounded to whole drops. */
export interface Aimed {
  /** Of each oil by parts, in ml on likely drops. */
  readonly ml: readonly number[];
  /** Rows that keep it below what was wanted. */
  readonly heldBy: readonly LimitRow[];
}

/** The one oil by parts that a limit is about; undefined where it is shared. */
const onlyOne = ({ from }: LimitRow, open: readonly number[]): number | undefined => {
  if (from === 'fill') return undefined;
  const about = open.flatMap((at, i) => ((from.weights.likely[at] ?? 0) > 0 ? [i] : []));
  return about.length === 1 ? about[0] : undefined;
};

/** The least of where the pieces of a path bend, and where it ends. */
const bendsOf = (wantedMl: readonly number[], own: readonly number[]): number[] =>
  [
    ...new Set([
      ...wantedMl.flatMap((ml, i) => {
        const at = (own[i] ?? Infinity) / ml;
        return at > 0 && at < 1 ? [at] : [];
      }),
      1,
    ]),
  ].sort((a, b) => a - b);

/**
 * All oils in the asked proportions, at the greatest strength up to the target at which no limit
 * that they share is passed; an oil that meets a limit of its own before that stays there, and the
 * others keep their proportions.
 *
 * Along the way from nothing to the target the amounts grow in straight pieces, which bend where an
 * oil meets its own limit; on each piece every row is linear, so the first place where one is
 * passed is found exactly.
 *
 * @param dosed all oils; fixed amounts have been taken off the rows
 * @param rows every limit, over drops of the oils by parts
 * @param wantedMl of each oil by parts, in ml
 * @param unit one drop of each, in ml
 */
export const inProportion = (
  dosed: readonly Dosed[],
  rows: readonly LimitRow[],
  wantedMl: readonly number[],
  unit: readonly number[],
): Aimed => {
  const open = dosed.flatMap(({ isFixed: stands }, at) => (stands ? [] : [at]));
  const own = wantedMl.map(() => Infinity);
  const ownRow = new Map<number, LimitRow>();
  const shared: LimitRow[] = [];
  for (const row of rows) {
    const i = onlyOne(row, open);
    if (i === undefined) {
      shared.push(row);
      continue;
    }
    const perDrop = row.per[i] ?? 0;
    const most = perDrop > 0 ? (row.limit / perDrop) * (unit[i] ?? 0) : Infinity;
    if (most < (own[i] ?? Infinity)) {
      own[i] = most;
      ownRow.set(i, row);
    }
  }
  const at = (share: number): number[] =>
    wantedMl.map((ml, i) => Math.min(share * ml, own[i] ?? Infinity));
  const used = (row: LimitRow, ml: readonly number[]): number =>
    usedOf(
      row,
      ml.map((entry, i) => entry / (unit[i] ?? 1)),
    );
  let from = 0;
  let stop: { readonly share: number; readonly rows: readonly LimitRow[] } | null = null;
  for (const to of bendsOf(wantedMl, own)) {
    const [before, after] = [at(from), at(to)];
    const meets = shared.flatMap((row) => {
      const now = used(row, before);
      const then = used(row, after);
      if (then <= row.limit + slack) return [];
      return [{ row, share: from + ((to - from) * Math.max(0, row.limit - now)) / (then - now) }];
    });
    if (meets.length > 0) {
      const share = Math.min(...meets.map((meet) => meet.share));
      stop = {
        share,
        rows: meets.filter((meet) => meet.share <= share + 1e-9).map(({ row }) => row),
      };
      break;
    }
    from = to;
  }
  const ml = at(stop?.share ?? 1);
  return {
    ml,
    heldBy: [
      ...(stop?.rows ?? []),
      ...[...ownRow].flatMap(([i, row]) =>
        (ml[i] ?? 0) < (wantedMl[i] ?? 0) * (stop?.share ?? 1) - 1e-9 ? [row] : [],
      ),
    ],
  };
};
