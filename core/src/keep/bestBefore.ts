import { addMonths, formatISO, parseISO } from 'date-fns';
import { measured } from '../blend/drops';
import type { Formula } from '../blend/formula';
import type { Carrier, Oil } from '../library/schema';

/** A day of the calendar, `2026-11-25`. */
export type Day = string;

/** No blend is kept longer than this, in months after making. */
const longestMonths = 12;

export interface BestBefore {
  readonly date: Day;
  /** Id of the material that sets the date; null where the twelve months do. */
  readonly because: string | null;
}

/** Months that a material keeps from opening, of which half years may be part. */
const keepsMonths = (material: Oil | Carrier): number =>
  'shelfMonths' in material ? material.shelfMonths : Math.round(material.shelfYears * 12);

/** `months` after a day; the last of the month where the day is not in it. */
const monthsAfter = (day: Day, months: number): Day =>
  formatISO(addMonths(parseISO(day), months), { representation: 'date' });

/**
 * The earliest of twelve months after making and every ingredient's own date.
 * Bottles of unknown age are counted from the day of making.
 *
 * @param opened days on which bottles were opened, by material id, where known
 */
export const bestBefore = (
  madeOn: Day,
  materials: readonly (Oil | Carrier)[],
  opened: ReadonlyMap<string, Day> = new Map(),
): BestBefore =>
  materials.reduce<BestBefore>(
    (earliest, material) => {
      const date = monthsAfter(opened.get(material.id) ?? madeOn, keepsMonths(material));
      return date < earliest.date ? { date, because: material.id } : earliest;
    },
    { date: monthsAfter(madeOn, longestMonths), because: null },
  );

/**
 * The date of a formula whose parts are settled: of what is really in it. An oil
 * taken down to no drops sets no date.
 */
export const formulaBestBefore = (madeOn: Day, formula: Formula): BestBefore =>
  bestBefore(madeOn, [
    ...formula.oils
      .filter((entry) => measured(entry, formula.dropSchool, 0).ml.likely > 0)
      .map(({ oil }) => oil),
    ...formula.bases.map(({ base }) => base),
  ]);
