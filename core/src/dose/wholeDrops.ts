import { dropOf, measured } from '../blend/drops';
import type { Formula, FormulaOil } from '../blend/formula';
import { baseDensity, essentialShare } from '../blend/mixture';
import type { Brief } from '../brief/brief';
import { fillMl } from '../brief/vessel';
import type { RuleId } from '../limits/finding';
import type { School } from '../limits/question';
import { sumLimits, type SumLimit } from '../limits/sums';
import {
  comfortRows,
  countRows,
  keepsAll,
  limitRows,
  slack,
  usedOf,
  type Dosed,
  type LimitRow,
  type Row,
  type Whole,
} from './rows';
import { cheapest, type Effort, type SearchResult } from './search';

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
  readonly askedMl: number | null;
  /** Essential oil that is reached on likely drops, in ml. */
  readonly reachedMl: number;
  /** The limits that hold it below what was asked. */
  readonly binding: readonly LimitName[];
  readonly leftOut: readonly LeftOut[];
  /** False where the search ran out of work before it was sure; then the best found so far. */
  readonly proved: boolean;
  /** What another choice might lie nearer in all, in ml, at most; 0 where it is proved. */
  readonly nearerByMl: number;
}

/** A ten-thousandth of a drop, in ml: nobody can measure it. */
const negligible = 5e-6;

const nameOf = ({ from }: LimitRow): LimitName =>
  from === 'fill' ? { rule: 'fill', subject: 'blend' } : { rule: from.rule, subject: from.subject };

const unique = (names: readonly LimitName[]): LimitName[] => [
  ...new Map(names.map((name) => [`${name.rule}/${name.subject}`, name])).values(),
];

/** What is looked for: numbers of drops near to what was asked, within limits. */
interface Search {
  /** Likely volume of a drop of each oil, in ml. */
  readonly unit: readonly number[];
  readonly asked: readonly number[];
  readonly least: readonly number[];
  readonly most: readonly number[];
  readonly rows: readonly Row[];
}

/** What the total's distance is worth beside the oils' own: so little that it only settles ties. */
const totalWeight = 1e-5;

/** Costs closer than this are equal: far less than a drop's share in `totalWeight`. */
const alike = 1e-8;

/**
 * Costs of each number of drops: its distance from what was asked, and the total's
 * on one side, where that is a plain sum.
 *
 * @param side 1 where the total falls short of what was asked, -1 where it goes beyond
 */
const costsOf = ({ unit, asked, least, most }: Search, side: 1 | -1): number[][] =>
  unit.map((ml, i) => {
    const costs: number[] = [];
    for (let k = least[i] ?? 0; k <= (most[i] ?? 0); k += 1) {
      const off = k * ml - (asked[i] ?? 0);
      costs.push(Math.abs(off) - totalWeight * side * off);
    }
    return costs;
  });

/**
 * The nearest choice: the summed distance from the asked volumes is least, and
 * among equals the total is closest to the asked total.
 *
 * @param atMost what it may cost; nothing dearer is looked for
 */
const nearest = (
  search: Search,
  rows: readonly Row[],
  effort: Effort,
  atMost = Infinity,
): SearchResult | null => {
  const { unit, asked, least, most } = search;
  const total = asked.reduce((sum, ml) => sum + ml, 0);
  const common = { least, most, tolerance: alike, effort };
  const short = cheapest({ ...common, cost: costsOf(search, 1), rows, atMost });
  // Beyond what was asked this cost is too low for what it is, so that a best choice
  // that falls short is the best of all.
  const reached = short ? usedOf({ per: unit, limit: 0 }, short.drops) : total;
  if (!short || reached <= total + slack) return short;
  const onSide = (side: 1 | -1, most: number): SearchResult | null =>
    cheapest({
      ...common,
      cost: costsOf(search, side),
      rows: [...rows, { per: unit.map((ml) => side * ml), limit: side * total + slack }],
      atMost: most,
    });
  const below = onSide(1, atMost);
  const beyond = onSide(-1, below ? below.value - alike : atMost);
  if (!below || !beyond) return beyond ?? below;
  return { ...beyond, bound: Math.min(beyond.bound, below.bound) };
};

/**
 * Among choices that are as near, one that keeps the shares as even as they were
 * asked, and gives the earlier oil of the list the drop: exchanges of one drop for
 * another, each the best there is, until none helps.
 */
const evened = (search: Search, rows: readonly Row[], start: readonly number[]): number[] => {
  const { unit, asked, least, most } = search;
  const drops = [...start];
  const off = (i: number, by: number): number =>
    ((drops[i] ?? 0) + by) * (unit[i] ?? 0) - (asked[i] ?? 0);
  const distance = (i: number, by: number): number => Math.abs(off(i, by)) - Math.abs(off(i, 0));
  const square = (i: number, by: number): number => off(i, by) ** 2 - off(i, 0) ** 2;
  for (let round = 0; round < 200; round += 1) {
    let best: readonly [number, number] | null = null;
    let gain = 1e-9;
    for (let to = 0; to < drops.length; to += 1) {
      if ((drops[to] ?? 0) >= (most[to] ?? 0)) continue;
      for (let from = 0; from < drops.length; from += 1) {
        if (from === to || (drops[from] ?? 0) <= (least[from] ?? 0)) continue;
        if (Math.abs((unit[to] ?? 0) - (unit[from] ?? 0)) > alike) continue;
        if (distance(to, 1) + distance(from, -1) > alike) continue;
        // The order of the list weighs less than any unevenness that could be measured.
        const better = -square(to, 1) - square(from, -1) + (from - to) * 1e-8;
        if (better <= gain) continue;
        drops[to] = (drops[to] ?? 0) + 1;
        drops[from] = (drops[from] ?? 0) - 1;
        if (keepsAll(rows, drops)) [best, gain] = [[to, from], better];
        drops[to] = (drops[to] ?? 0) - 1;
        drops[from] = (drops[from] ?? 0) + 1;
      }
    }
    if (!best) break;
    drops[best[0]] = (drops[best[0]] ?? 0) + 1;
    drops[best[1]] = (drops[best[1]] ?? 0) - 1;
  }
  return drops;
};

/**
 * The whole numbers of drops, in the order of what matters: the summed distance
 * from the asked volumes is least; the total is closest to the asked total; among
 * equals one that holds; then shares are kept as even as can be; then the earlier
 * oil of the list gets the drop.
 *
 * @param comfort rows within which every finding holds; none where no choice that is as
 *   near as these drops could keep them
 */
const settle = (
  search: Search,
  comfort: (drops: readonly number[]) => readonly Row[],
  effort: Effort,
): { readonly drops: readonly number[]; readonly nearerByMl: number } | null => {
  const best = nearest(search, search.rows, effort);
  if (!best) return null;
  const gap = best.value - best.bound;
  const nearerByMl = gap <= negligible ? 0 : gap;
  const calmRows = comfort(best.drops);
  if (calmRows.length === 0) return { drops: evened(search, search.rows, best.drops), nearerByMl };
  const rows = [...search.rows, ...calmRows];
  const calm = keepsAll(calmRows, best.drops)
    ? best
    : nearest(search, rows, effort, best.value + alike);
  return {
    drops: calm ? evened(search, rows, calm.drops) : evened(search, search.rows, best.drops),
    nearerByMl,
  };
};

/** Which oils keep a drop: as many as can, and of those choices the nearest to what was asked. */
const lowestOf = (asked: readonly number[], rows: readonly Row[]): readonly number[] => {
  const ones = asked.map(() => 1);
  if (keepsAll(rows, ones)) return ones;
  const none = asked.map(() => 0);
  const kept = cheapest({
    least: none,
    most: ones,
    cost: asked.map((ml) => [1 + 1e-4 * ml, 0]),
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

const dosedOf = (entry: FormulaOil, formula: Formula): Dosed => {
  const { oil, measure } = entry;
  return measure.by === 'parts'
    ? { oil, unitMl: dropOf(entry, formula.dropSchool), stands: false }
    : { oil, unitMl: measured(entry, formula.dropSchool, 0).ml, stands: true };
};

/**
 * What a target and parts ask for. Strength is essential oil, so a ready-made blend counts at
 * its share: of one that holds a tenth, ten times as much is asked.
 */
const askedFrom = (formula: Formula) => {
  const standing = formula.oils
    .filter(({ measure }) => measure.by !== 'parts')
    .reduce(
      (total, entry) =>
        total + essentialShare(entry.oil) * measured(entry, formula.dropSchool, 0).ml.likely,
      0,
    );
  const essentialParts = formula.oils.reduce(
    (total, { oil, measure }) =>
      total + (measure.by === 'parts' ? measure.parts * essentialShare(oil) : 0),
    0,
  );
  const askedMl =
    formula.targetPercent === undefined
      ? null
      : (formula.targetPercent / 100) * fillMl(formula.vessel);
  const shared = Math.max(0, (askedMl ?? 0) - standing);
  return {
    /** Essential oil in what stands, in ml. */
    standing,
    /** Essential oil that is asked for in all, in ml. */
    askedMl,
    /** What is asked for of one oil by parts, in ml of it. */
    askedOf: ({ measure }: FormulaOil): number =>
      measure.by === 'parts' && essentialParts > 0 ? (shared * measure.parts) / essentialParts : 0,
  };
};

/** How many drops a formula asks for in all, counted and by parts; none are looked for. */
export const mostDropsOf = (formula: Formula): number => {
  const { askedOf } = askedFrom(formula);
  const whole = fillMl(formula.vessel);
  return formula.oils.reduce((total, entry) => {
    if (entry.measure.by === 'drops') return total + entry.measure.drops;
    if (entry.measure.by !== 'parts') return total;
    const asked = Math.min(whole, askedOf(entry));
    return total + Math.ceil(asked / dropOf(entry, formula.dropSchool).likely);
  }, 0);
};

/**
 * From parts and a percentage to whole drops, within every maximum that is a sum
 * of oils, on likely drops. Amounts that stand count toward the target; parts
 * share the rest.
 *
 * @param effort `frame` gives up the proof after about a frame's work, with the best
 *   found so far; `thorough` goes on for seconds
 */
export const wholeDrops = (
  formula: Formula,
  brief: Brief,
  school: School,
  effort: Effort = 'frame',
): DropPlan => {
  const whole: Whole = { fillMl: fillMl(formula.vessel), baseDensity: baseDensity(formula.bases) };
  const { standing, askedMl, askedOf } = askedFrom(formula);

  const dosed = formula.oils.map((entry) => dosedOf(entry, formula));
  const open = dosed.filter(({ stands }) => !stands);
  if (open.length === 0) {
    return {
      drops: formula.oils.map(() => null),
      askedMl,
      reachedMl: standing,
      binding: [],
      leftOut: [],
      proved: true,
      nearerByMl: 0,
    };
  }
  const asked = formula.oils.filter(({ measure }) => measure.by === 'parts').map(askedOf);
  const limits: readonly SumLimit[] = sumLimits(
    formula.oils.map(({ oil }) => oil),
    brief,
    school,
  ).filter(
    // The own maximum of an oil whose amount stands is not for the others to keep.
    (limit) => limit.rule !== 'oil-maximum' || open.some(({ oil }) => oil.id === limit.subject),
  );
  const rows = limitRows(dosed, limits, whole);
  // An oil that is left out stays out; the others keep at least one drop.
  const least = lowestOf(asked, rows);
  const unit = open.map(({ unitMl }) => unitMl.likely);
  // More than the next whole drop above what was asked is never nearer.
  const most = least.map((lowest, i) =>
    lowest === 0 ? 0 : Math.max(1, Math.ceil((asked[i] ?? 0) / (unit[i] ?? 1) - 1e-9)),
  );
  const sameSize = unit.every((ml) => Math.abs(ml - (unit[0] ?? 0)) < 1e-12);
  const settled = settle(
    {
      unit,
      asked,
      least,
      most,
      rows: sameSize ? [...countRows(rows, least, most), ...rows] : rows,
    },
    (drops) => {
      // As near means as much in all: past what is recommended, nothing makes it hold.
      const [inAll] = comfortRows(dosed, limits.slice(0, 1), whole);
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
            because: unique(broken(rows, chosen, i)),
            mostMl: roomFor(rows, chosen, i) * (open[i]?.unitMl.likely ?? 0),
          },
        ]
      : [],
  );
  const reachedMl = open.reduce(
    (total, { oil, unitMl }, i) => total + essentialShare(oil) * (chosen[i] ?? 0) * unitMl.likely,
    standing,
  );
  const binding = unique(
    open.flatMap(({ unitMl }, i) =>
      (chosen[i] ?? 0) * unitMl.likely < (asked[i] ?? 0) - unitMl.likely / 2 - 1e-9
        ? broken(rows, chosen, i)
        : [],
    ),
  );
  let next = 0;
  return {
    drops: formula.oils.map(({ measure }) =>
      measure.by === 'parts' ? (chosen[next++] ?? 0) : null,
    ),
    askedMl,
    reachedMl,
    binding,
    leftOut,
    proved: settled?.nearerByMl === 0,
    nearerByMl: settled?.nearerByMl ?? 0,
  };
};
