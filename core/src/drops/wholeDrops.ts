import type { Brief } from '../brief';
import { fillMl } from '../catalog';
import { sumLimits, type RuleId, type SumLimit } from '../limits';
import {
  baseDensity,
  dropOf,
  essentialShare,
  measured,
  type Formula,
  type FormulaOil,
} from '../mixture';
import type { Guideline } from '../recipe';
import { inProportion } from './proportions';
import { comfortRows, limitRows, type Dosed, type LimitRow, type Whole } from './rows';
import { settleNumbers } from './solver/nearest';
import { countRows, keepsAll, slack, usedOf, type Row } from './solver/row';
import { cheapest, type Effort } from './solver/search';
import { askedFrom } from './target';
import { unique } from '../quantity';

/** A limit by name: what held the drops back. */
export interface LimitName {
  readonly rule: RuleId | 'fill';
  readonly subject: string;
}

/** An oil that was asked for and gets no drop, since one is already too much. */
interface LeftOut {
  readonly oilId: string;
  readonly because: readonly LimitName[];
  /** What of it the limits still leave room for, in ml: less than a drop. */
  readonly mostMl: number;
}

/** What parts and a target come to, in whole drops. */
export interface DropPlan {
  /** Drops of each oil of the formula in its order; null where the amount is not by parts. */
  readonly drops: readonly (number | null)[];
  /** Essential oil asked for in what is mixed at once, in ml; null without a target. */
  readonly targetMl: number | null;
  /**
   * Of each oil by parts, in ml, what the limits leave of what was wanted, in the same proportions,
   * before it is rounded to whole drops; null where the amount is not by parts.
   */
  readonly aimedMl: readonly (number | null)[];
  /** The same of all oils that were asked for, also of those that get no drop: for a pre-dilution. */
  readonly allAimedMl: readonly (number | null)[];
  /** Essential oil that is reached on likely drops, in ml. */
  readonly reachedMl: number;
  /** The limits that hold it below what was wanted. */
  readonly binding: readonly LimitName[];
  readonly leftOut: readonly LeftOut[];
  /** False where the search ran out of work before it was sure; then the best found so far. */
  readonly proved: boolean;
  /** What another choice might lie nearer in all, in ml, at most; 0 where it is proved. */
  readonly nearerByMl: number;
}

/** Limits by name, each once. */
const uniqueNames = (names: readonly LimitName[]): LimitName[] =>
  unique(names, ({ rule, subject }) => `${rule}/${subject}`);

const nameOf = ({ from }: LimitRow): LimitName =>
  from === 'fill' ? { rule: 'fill', subject: 'blend' } : { rule: from.rule, subject: from.subject };

/** Which oils keep a drop: as many as can, and of those choices the nearest to what was wanted. */
const lowestOf = (wantedMl: readonly number[], rows: readonly Row[]): readonly number[] => {
  const ones = wantedMl.map(() => 1);
  if (keepsAll(rows, ones)) return ones;
  const none = wantedMl.map(() => 0);
  const kept = cheapest({
    least: none,
    most: ones,
    cost: wantedMl.map((ml) => [1 + 1e-4 * ml, 0]),
    rows,
    tolerance: 1e-9,
    effort: 'frame',
    atMost: Infinity,
  });
  return kept?.drops ?? none;
};

/** Rows that one drop more of this oil would break. */
const broken = (rows: readonly LimitRow[], drops: readonly number[], i: number): LimitName[] =>
  rows
    .filter((row) => {
      const perDrop = row.per[i] ?? 0;
      return perDrop > 0 && usedOf(row, drops) + perDrop > row.limit + slack;
    })
    .map(nameOf);

/** How much of a drop of this oil, of which there is none, the rows leave room for: 0 to 1. */
const roomFor = (rows: readonly LimitRow[], drops: readonly number[], i: number): number =>
  rows.reduce((room, row) => {
    const perDrop = row.per[i] ?? 0;
    return perDrop <= 0
      ? room
      : Math.min(room, Math.max(0, (row.limit - usedOf(row, drops)) / perDrop));
  }, 1);

/** What was wanted of an oil that gets no drop is wanted of the others, in their proportions. */
const sharedByThose = (
  wanted: readonly number[],
  open: readonly Dosed[],
  isKept: (i: number) => boolean,
): readonly number[] => {
  const essential = (of: (i: number) => boolean): number =>
    open.reduce(
      (total, { oil }, i) => total + (of(i) ? essentialShare(oil) * (wanted[i] ?? 0) : 0),
      0,
    );
  const kept = essential(isKept);
  const all = essential(() => true);
  return kept === 0 || kept === all
    ? wanted
    : wanted.map((ml, i) => (isKept(i) ? (ml * all) / kept : 0));
};

const dosedOf = (entry: FormulaOil, formula: Formula): Dosed => {
  const { oil, measure } = entry;
  return measure.by === 'parts'
    ? { oil, unitMl: dropOf(entry, formula.dropsPerMl), isFixed: false }
    : { oil, unitMl: measured(entry, formula.dropsPerMl, 0).ml, isFixed: true };
};

/**
 * From parts and a percentage to whole drops, within every maximum that is a sum
 * of oils, on likely drops: first in proportion, without rounding, then the nearest whole drops. Fixed amounts count toward the target; parts
 * share the rest.
 *
 * @param effort `frame` gives up the proof after about a frame's work, with the best
 *   found so far; `thorough` goes on for seconds
 */
export const wholeDrops = (
  formula: Formula,
  brief: Brief,
  guideline: Guideline,
  effort: Effort = 'frame',
): DropPlan => {
  const whole: Whole = {
    fillMl: fillMl(formula.container),
    baseDensity: baseDensity(formula.bases),
  };
  const { standing, targetMl, upToMl, askedOf } = askedFrom(formula);

  const dosed = formula.oils.map((entry) => dosedOf(entry, formula));
  const open = dosed.filter(({ isFixed: stands }) => !stands);
  if (open.length === 0) {
    return {
      drops: formula.oils.map(() => null),
      targetMl,
      aimedMl: formula.oils.map(() => null),
      allAimedMl: formula.oils.map(() => null),
      reachedMl: standing,
      binding: [],
      leftOut: [],
      proved: true,
      nearerByMl: 0,
    };
  }
  const wantedOfAll = formula.oils.filter(({ measure }) => measure.by === 'parts').map(askedOf);
  const limits: readonly SumLimit[] = sumLimits(
    formula.oils.map(({ oil }) => oil),
    brief,
    guideline,
    formula.by,
  ).filter(
    // The own maximum of an oil whose amount is fixed is not for the others to keep.
    (limit) => limit.rule !== 'oil-maximum' || open.some(({ oil }) => oil.id === limit.subject),
  );
  const rows = limitRows(dosed, limits, whole);
  const unit = open.map(({ unitMl }) => unitMl.likely);
  const allAimed = inProportion(dosed, rows, wantedOfAll, unit);
  // An oil that is left out stays out; the others keep at least one drop, and share what was asked.
  const least = lowestOf(wantedOfAll, rows);
  const wanted = sharedByThose(wantedOfAll, open, (i) => (least[i] ?? 0) > 0);
  const { ml: asked, heldBy } =
    wanted === wantedOfAll ? allAimed : inProportion(dosed, rows, wanted, unit);
  // More than the next whole drop above what was wanted is never nearer.
  const most = least.map((lowest, i) =>
    lowest === 0 ? 0 : Math.max(1, Math.ceil((asked[i] ?? 0) / (unit[i] ?? 1) - 1e-9)),
  );
  // Of a strength that may be from here to there, drops that pass the high end are not taken.
  const range: readonly Row[] =
    upToMl === null
      ? []
      : [
          {
            per: open.map(({ oil, unitMl }) => essentialShare(oil) * unitMl.likely),
            limit: upToMl - standing,
          },
        ].filter((row) => keepsAll([row], least));
  const bounds = [...rows, ...range];
  const sameSize = unit.every((ml) => Math.abs(ml - (unit[0] ?? 0)) < 1e-12);
  const settled = settleNumbers(
    {
      unit,
      wanted: asked,
      least,
      most,
      rows: sameSize ? [...countRows(bounds, least, most), ...bounds] : bounds,
    },
    (drops) => {
      // As near means as much in all: past what is recommended, nothing makes it hold.
      const [inAll] = comfortRows(
        dosed,
        limits.filter(({ rule }) => rule === 'whole-blend'),
        whole,
      );
      return inAll && usedOf(inAll, drops) > inAll.limit + slack
        ? []
        : comfortRows(dosed, limits, whole);
    },
    effort,
  );
  const chosen = settled?.drops ?? least;

  const leftOut = open.flatMap(({ oil }, i): LeftOut[] =>
    chosen[i] === 0
      ? [
          {
            oilId: oil.id,
            because: uniqueNames(broken(rows, chosen, i)),
            mostMl: roomFor(rows, chosen, i) * (open[i]?.unitMl.likely ?? 0),
          },
        ]
      : [],
  );
  const reachedMl = open.reduce(
    (total, { oil, unitMl }, i) => total + essentialShare(oil) * (chosen[i] ?? 0) * unitMl.likely,
    standing,
  );
  const short = open.flatMap(({ unitMl }, i) =>
    (chosen[i] ?? 0) * unitMl.likely < (wanted[i] ?? 0) - unitMl.likely / 2 - 1e-9 ? [i] : [],
  );
  const binding = uniqueNames([
    ...(short.length > 0 ? heldBy.map(nameOf) : []),
    ...short.flatMap((i) => broken(rows, chosen, i)),
  ]);
  const ofParts = (list: readonly number[]): readonly (number | null)[] => {
    let next = 0;
    return formula.oils.map(({ measure }) => (measure.by === 'parts' ? (list[next++] ?? 0) : null));
  };
  return {
    drops: ofParts(chosen),
    targetMl,
    aimedMl: ofParts(asked),
    allAimedMl: ofParts(allAimed.ml),
    reachedMl,
    binding,
    leftOut,
    proved: settled?.nearerByMl === 0,
    nearerByMl: settled?.nearerByMl ?? 0,
  };
};
