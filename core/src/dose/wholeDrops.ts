import { dropOf, measured } from '../blend/drops';
import type { Formula, FormulaOil } from '../blend/formula';
import { baseDensity } from '../blend/mixture';
import type { Brief } from '../brief/brief';
import { fillMl } from '../brief/vessel';
import type { RuleId } from '../limits/finding';
import type { School } from '../limits/question';
import { sumLimits, type SumLimit } from '../limits/sums';
import { comfortRows, countRows, limitRows, type Dosed, type LimitRow, type Whole } from './rows';
import { cheapest, firstInOrder } from './search';
import type { Domain, Row } from './tables';

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
  /** Essential oil asked for in one vessel, in ml; null without a target. */
  readonly askedMl: number | null;
  /** What is reached on likely drops, in ml. */
  readonly reachedMl: number;
  /** The limits that hold it below what was asked. */
  readonly binding: readonly LimitName[];
  readonly leftOut: readonly LeftOut[];
  /** False where the search ran out of work before it was sure; then the best found so far. */
  readonly proved: boolean;
}

/** A thousandth of a drop, in ml: nobody can measure it. */
const negligible = 5e-5;

const nameOf = ({ from }: LimitRow): LimitName =>
  from === 'fill' ? { rule: 'fill', subject: 'blend' } : { rule: from.rule, subject: from.subject };

const unique = (names: readonly LimitName[]): LimitName[] => [
  ...new Map(names.map((name) => [`${name.rule}/${name.subject}`, name])).values(),
];

/** A table per oil of what `f` says of each number of drops. */
const tabled = (dosed: readonly Dosed[], f: (drops: number, i: number) => number): number[][] =>
  dosed.map(({ choices }, i) => Array.from({ length: choices }, (_, drops) => f(drops, i)));

interface Search {
  readonly open: readonly Dosed[];
  readonly asked: readonly number[];
  readonly rows: readonly Row[];
  readonly comfort: readonly Row[];
  readonly domain: Domain;
}

/** Each oil's own nearest number of drops, where each has only one and all keep the limits. */
const eachNearest = ({ open, asked, rows, domain }: Search): readonly number[] | null => {
  const drops: number[] = [];
  for (const [i, choices] of domain.entries()) {
    const unit = open[i]?.unitMl.likely ?? 1;
    const wanted = (asked[i] ?? 0) / unit;
    const least = choices[0] ?? 0;
    const nearest = Math.max(least, Math.round(wanted));
    const isTie = wanted > least && Math.abs(Math.abs(wanted - Math.floor(wanted)) - 0.5) < 1e-6;
    if (isTie || nearest > (choices[choices.length - 1] ?? 0)) return null;
    drops.push(nearest);
  }
  return fits(rows, drops) ? drops : null;
};

/** What a step is worth beside the one before it: so little that it only settles ties. */
const weights = { total: 1e-5, squares: 1e-9 } as const;

/** The total within or beyond what was asked: on one side its distance is a plain sum. */
const sides = [1, -1] as const;

interface Settled {
  readonly drops: readonly number[];
  readonly value: number;
  readonly proved: boolean;
}

/**
 * The best choice within rows: distance, then total, then squares, as one cost on
 * either side.
 *
 * @param atMost what it may cost; nothing dearer is looked for
 */
const nearest = (search: Search, rows: readonly Row[], atMost = Infinity): Settled | null => {
  const { open, asked, domain } = search;
  const total = asked.reduce((sum, ml) => sum + ml, 0);
  const mlOf = (drops: number, i: number) => drops * (open[i]?.unitMl.likely ?? 0);
  let best: Settled | null = null;
  let proved = true;
  for (const side of sides) {
    const sided = tabled(open, (drops, i) => -side * mlOf(drops, i));
    const cost = tabled(open, (drops, i) => {
      const off = mlOf(drops, i) - (asked[i] ?? 0);
      return Math.abs(off) + weights.total * side * off + weights.squares * off ** 2;
    });
    const bounded: Row[] = [
      ...rows,
      { use: sided, limit: -side * total + 1e-9 },
      // Nothing dearer than what is found already.
      { use: cost, limit: Math.min(atMost, best?.value ?? Infinity) },
    ];
    const result = cheapest({ cost, rows: bounded, domain, tolerance: 1e-12, negligible });
    if (!result) continue;
    proved &&= result.proved;
    if (best && result.value > best.value - 2e-12) continue;
    const ordered = firstInOrder(
      [...bounded, { use: cost, limit: result.value + 2e-12 }, result.implied],
      result.domain,
    );
    best = { drops: ordered ?? result.choice, value: result.value, proved: true };
  }
  return best && { ...best, proved };
};

/**
 * The whole numbers of drops, in the order of what matters: the summed distance
 * from the asked volumes is least; the total is closest to the asked total; among
 * equals one that holds; then the shares are kept as even as they were asked
 * (least squares); then the earlier oil of the list gets the drop.
 */
const settle = (search: Search): Settled | null => {
  const rounded = eachNearest(search);
  if (rounded) return { drops: rounded, value: 0, proved: true };
  const best = nearest(search, search.rows);
  if (!best) return null;
  // As near in distance and total, but it holds: squares may be what it costs.
  const alike = best.value + 10 * weights.squares;
  return nearest(search, [...search.rows, ...search.comfort], alike) ?? best;
};

const fits = (rows: readonly Row[], drops: readonly number[]): boolean =>
  rows.every(
    (row) => drops.reduce((used, k, i) => used + (row.use[i]?.[k] ?? 0), 0) <= row.limit + 1e-9,
  );

/** Which oils keep a drop: as many as can, and of those choices the nearest to what was asked. */
const lowestOf = (
  open: readonly Dosed[],
  asked: readonly number[],
  rows: readonly Row[],
): number[] => {
  const ones = open.map(({ choices }) => (choices > 1 ? 1 : 0));
  if (fits(rows, ones)) return ones;
  const few = rows.map((row) => ({ ...row, use: row.use.map((uses) => uses.slice(0, 2)) }));
  const cost = ones.map((one, i) => [1 + 1e-4 * (asked[i] ?? 0), ...(one ? [0] : [])]);
  const kept = cheapest({
    cost,
    rows: few,
    domain: cost.map((costs) => costs.map((_, k) => k)),
    tolerance: 1e-9,
    negligible: 0,
  });
  return kept ? [...kept.choice] : open.map(() => 0);
};

/** Rows that one drop more of this oil would break. */
const broken = (rows: readonly LimitRow[], drops: readonly number[], i: number): LimitName[] => {
  const more = drops.map((k, other) => (other === i ? k + 1 : k));
  return rows
    .filter((row) => {
      const perDrop = row.use[i]?.[1] ?? 0;
      const used = more.reduce((total, k, other) => {
        const uses = row.use[other] ?? [];
        return total + (other === i ? k * perDrop : (uses[k] ?? 0));
      }, 0);
      return perDrop > 0 && used > row.limit + 1e-9;
    })
    .map(nameOf);
};

/** How much of a drop of this oil the rows leave room for beside the others, 0 to 1. */
const roomFor = (rows: readonly LimitRow[], drops: readonly number[], i: number): number =>
  rows.reduce((room, row) => {
    const perDrop = row.use[i]?.[1] ?? 0;
    if (perDrop <= 0) return room;
    const others = drops.reduce(
      (total, k, other) => total + (other === i ? 0 : (row.use[other]?.[k] ?? 0)),
      0,
    );
    return Math.min(room, Math.max(0, (row.limit - others) / perDrop));
  }, 1);

const dosedOf = (entry: FormulaOil, formula: Formula, askedMl: number): Dosed => {
  const { oil, measure } = entry;
  if (measure.by !== 'parts') {
    return { oil, unitMl: measured(entry, formula.dropSchool, 0).ml, choices: 1, stands: true };
  }
  const unitMl = dropOf(entry, formula.dropSchool);
  // More than the next whole drop above what was asked is never nearer.
  const choices = Math.max(1, Math.ceil(askedMl / unitMl.likely)) + 1;
  return { oil, unitMl, choices, stands: false };
};

/**
 * From parts and a percentage to whole drops, within every maximum that is a sum
 * of oils, on likely drops. Amounts that stand count toward the target; parts
 * share the rest.
 */
export const wholeDrops = (formula: Formula, brief: Brief, school: School): DropPlan => {
  const whole: Whole = { fillMl: fillMl(formula.vessel), baseDensity: baseDensity(formula.bases) };
  const standing = formula.oils
    .filter(({ measure }) => measure.by !== 'parts')
    .reduce((total, entry) => total + measured(entry, formula.dropSchool, 0).ml.likely, 0);
  const parts = formula.oils.reduce(
    (total, { measure }) => total + (measure.by === 'parts' ? measure.parts : 0),
    0,
  );
  const askedMl =
    formula.targetPercent === undefined ? null : (formula.targetPercent / 100) * whole.fillMl;
  const shared = Math.max(0, (askedMl ?? 0) - standing);
  const askedOf = ({ measure }: FormulaOil): number =>
    measure.by === 'parts' && parts > 0 ? (shared * measure.parts) / parts : 0;

  const dosed = formula.oils.map((entry) => dosedOf(entry, formula, askedOf(entry)));
  const open = dosed.filter(({ stands }) => !stands);
  if (open.length === 0) {
    return {
      drops: formula.oils.map(() => null),
      askedMl,
      reachedMl: standing,
      binding: [],
      leftOut: [],
      proved: true,
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
  const lowest = lowestOf(open, asked, rows);
  // An oil that is left out stays out; the others keep at least one drop.
  const kept = open.map((entry, i) => (lowest[i] === 0 ? { ...entry, choices: 1 } : entry));
  const cut = (row: Row): Row => ({
    limit: row.limit,
    use: row.use.map((uses, i) => uses.slice(0, kept[i]?.choices ?? 1)),
  });
  const cutRows = rows.map(cut);
  const sameSize = kept.every(
    ({ unitMl }) => Math.abs(unitMl.likely - (kept[0]?.unitMl.likely ?? 0)) < 1e-12,
  );
  const settled = settle({
    open: kept,
    asked,
    rows: sameSize ? [...countRows(cutRows, lowest), ...cutRows] : cutRows,
    comfort: comfortRows(dosed, limits, whole).map(cut),
    domain: kept.map(({ choices }, i) =>
      Array.from({ length: choices }, (_, k) => k).filter((k) => k >= (lowest[i] ?? 0)),
    ),
  });
  const chosen = settled?.drops ?? lowest;

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
    (total, { unitMl }, i) => total + (chosen[i] ?? 0) * unitMl.likely,
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
    proved: settled?.proved ?? false,
  };
};
