import { forbiddenNamed, materialFinder, measures, type Catalog } from '../catalog';
import { readAmount, readNumber, type Day } from '../quantity';
import { isDay, usualUnit, type Bottle } from '../stock';

/** What a column of a shelf's table holds. */
const columns = [
  'material',
  'lot',
  'supplier',
  'size',
  'left',
  'unit',
  'count',
  'bought',
  'opened',
  'printed',
  'price',
] as const;
export type ShelfColumn = (typeof columns)[number];

/** What the heading of a column may say, in plain letters. */
const headings: Readonly<Record<ShelfColumn, readonly string[]>> = {
  material: ['material', 'oil', 'name', 'product', 'essential oil', 'ingredient', 'what'],
  lot: ['lot', 'lot number', 'batch', 'lot no', 'charge'],
  supplier: ['supplier', 'shop', 'bought from', 'vendor', 'from'],
  size: ['size', 'holds', 'volume', 'amount', 'weight'],
  left: ['left', 'remaining', 'in it', 'left in it'],
  unit: ['unit', 'measured in'],
  count: ['quantity', 'qty', 'count', 'bottles', 'number of bottles', 'pieces'],
  bought: ['bought', 'bought on', 'purchased', 'purchase date', 'date bought'],
  opened: ['opened', 'opened on', 'date opened'],
  printed: ['best before', 'expiry', 'expires', 'expiry date', 'use by', 'date printed on it'],
  price: ['price', 'cost', 'paid'],
};

/** Why a line of a table is no bottle. */
export type ShelfLineProblem =
  | { readonly code: 'no-material' }
  | { readonly code: 'unknown-material'; readonly name: string }
  /** It may be several: which, no one guesses. */
  | { readonly code: 'several'; readonly name: string; readonly ids: readonly string[] }
  | { readonly code: 'never-on-skin'; readonly name: string }
  | { readonly code: 'no-size' }
  | { readonly code: 'number'; readonly column: ShelfColumn; readonly text: string }
  | { readonly code: 'unit'; readonly text: string }
  | { readonly code: 'day'; readonly column: ShelfColumn; readonly text: string }
  /** 03/04/2026 is read otherwise in other countries. */
  | { readonly code: 'day-two-ways'; readonly column: ShelfColumn; readonly text: string }
  | { readonly code: 'to-come'; readonly column: ShelfColumn; readonly text: string }
  | { readonly code: 'more-than-holds' }
  /** Ounces, or fluid ounces of no country: which, no one guesses. */
  | { readonly code: 'which-measure'; readonly text: string; readonly readings: readonly string[] }
  /** Opened before it was bought, and the like. */
  | { readonly code: 'day-before'; readonly column: ShelfColumn; readonly other: ShelfColumn }
  /** The very same as a line before it. */
  | { readonly code: 'twice'; readonly first: number };

/** A line of the table, as a bottle or with what is wrong. */
export type ShelfLine =
  /** So many bottles alike. */
  | { readonly line: number; readonly ok: true; readonly bottle: Bottle; readonly count: number }
  | { readonly line: number; readonly ok: false; readonly problem: ShelfLineProblem };

/** A table of bottles as it was read. */
export type ReadShelf =
  | { readonly ok: true; readonly lines: readonly ShelfLine[]; readonly unread: readonly string[] }
  | { readonly ok: false; readonly code: 'empty' | 'no-heading' | 'too-long' };

/** More bottles than this are on no shelf. */
const mostLines = 2000;

/** So many lines may stand above the headings. */
const mostTitles = 5;
/** So many bottles alike are bought at once at the most. */
const mostAlike = 100;

const plain = (text: string): string =>
  text
    .trim()
    .toLowerCase()
    .replace(/\(.*?\)|[._-]/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();

const columnOf = (heading: string): ShelfColumn | undefined =>
  columns.find((column) => headings[column].includes(plain(heading)));

const months = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

const two = (value: number): string => String(value).padStart(2, '0');

type DayRead = { readonly day: Day | null } | 'wrong' | 'two-ways';

/** A day as people write it: `2026-05-03`, `3 May 2026`, `13/5/2026`. */
const readDay = (text: string): DayRead => {
  const trimmed = text.trim();
  if (trimmed === '') return { day: null };
  const checked = (year: string, month: number, day: number): DayRead => {
    const iso = `${year}-${two(month)}-${two(day)}`;
    return /^(19|20)\d\d$/.test(year) && isDay(iso) ? { day: iso } : 'wrong';
  };
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(trimmed);
  if (iso) return checked(iso[1] ?? '', Number(iso[2]), Number(iso[3]));
  const named = /^(\d{1,2})\.?\s+([a-z]{3})[a-z]*\.?,?\s+(\d{4})$/i.exec(trimmed);
  if (named) {
    return checked(
      named[3] ?? '',
      months.indexOf((named[2] ?? '').toLowerCase()) + 1,
      Number(named[1]),
    );
  }
  const numbers = /^(\d{1,2})[./](\d{1,2})[./](\d{4})$/.exec(trimmed);
  if (!numbers) return 'wrong';
  const [first, second, year] = [Number(numbers[1]), Number(numbers[2]), numbers[3] ?? ''];
  if (first > 12 || first === second) return checked(year, second, first);
  return second > 12 ? checked(year, first, second) : 'two-ways';
};

type Cells = ReadonlyMap<ShelfColumn, string>;

class Wrong extends Error {
  constructor(readonly problem: ShelfLineProblem) {
    super(problem.code);
  }
}

const numberIn = (cells: Cells, column: ShelfColumn, most: number): number | null => {
  // A unit may be behind the number; it has been read by then.
  const text = (cells.get(column) ?? '').replace(/(\d)[a-z£$€ ]+$/i, '$1').replace(/^[£$€ ]+/, '');
  if (text.trim() === '') return null;
  const read = readNumber(text, { least: 0, most });
  if (!read.ok) throw new Wrong({ code: 'number', column, text: cells.get(column) ?? '' });
  return read.value;
};

/** How many bottles alike a line is: one where it does not say. */
const countIn = (cells: Cells): number => {
  const count = numberIn(cells, 'count', mostAlike) ?? 1;
  if (!Number.isInteger(count) || count < 1) {
    throw new Wrong({ code: 'number', column: 'count', text: cells.get('count') ?? '' });
  }
  return count;
};

const dayIn = (cells: Cells, column: ShelfColumn, notAfter: Day | null): Day | null => {
  const text = (cells.get(column) ?? '').trim();
  const read = readDay(text);
  if (read === 'wrong') throw new Wrong({ code: 'day', column, text });
  if (read === 'two-ways') throw new Wrong({ code: 'day-two-ways', column, text });
  const { day } = read;
  if (day !== null && notAfter !== null && day > notAfter) {
    throw new Wrong({ code: 'to-come', column, text });
  }
  return day;
};

/** A size with the unit beside it, in ml or in g, and how many of these its unit is. */
const measureIn = (
  cells: Cells,
  usual: Bottle['unit'],
  unitOfHeading: string,
): { readonly unit: Bottle['unit']; readonly times: number } => {
  const behind = /([a-z][a-z. ]*)$/i.exec((cells.get('size') ?? '').trim())?.[1] ?? '';
  const unitText = plain(cells.get('unit') ?? '') || plain(behind) || unitOfHeading;
  if (unitText === '') return { unit: usual, times: 1 };
  const read = readAmount(`1 ${unitText}`, null, measures, { fillMl: 0, liquid: true });
  if (!read.ok && read.readings?.length) {
    const readings = read.readings.map((reading) => reading.replace(/^1 /, ''));
    throw new Wrong({ code: 'which-measure', text: unitText, readings });
  }
  if (read.ok && read.amount.kind === 'ml') return { unit: 'ml', times: read.amount.ml };
  if (read.ok && read.amount.kind === 'g') return { unit: 'g', times: read.amount.g };
  throw new Wrong({ code: 'unit', text: unitText });
};

/** To a hundredth of a ml or a g. */
const rounded = (value: number): number => Math.round(100 * value) / 100;

/** Days that cannot follow each other: opened before bought, of no use before bought. */
const inOrder = (bottle: Bottle): Bottle => {
  const { boughtOn, openedOn, printedDate } = bottle;
  if (boughtOn !== null && openedOn !== null && openedOn < boughtOn) {
    throw new Wrong({ code: 'day-before', column: 'opened', other: 'bought' });
  }
  if (boughtOn !== null && printedDate !== null && printedDate < boughtOn) {
    throw new Wrong({ code: 'day-before', column: 'printed', other: 'bought' });
  }
  return bottle;
};

const materialIn = (cells: Cells, catalog: Catalog, chosen: string | undefined): string => {
  const name = (cells.get('material') ?? '').trim();
  if (name === '') throw new Wrong({ code: 'no-material' });
  if (forbiddenNamed(name)) throw new Wrong({ code: 'never-on-skin', name });
  const { oils, bases } = materialFinder(catalog).named(name);
  const ids = [...oils, ...bases];
  const [id, ...others] = ids;
  if (id === undefined) throw new Wrong({ code: 'unknown-material', name });
  if (others.length === 0) return id;
  if (chosen !== undefined && ids.includes(chosen)) return chosen;
  throw new Wrong({ code: 'several', name, ids });
};

const bottleFrom = (
  cells: Cells,
  catalog: Catalog,
  today: Day,
  chosen: string | undefined,
  unitOfHeading: string,
): Bottle => {
  const materialId = materialIn(cells, catalog, chosen);
  const { unit, times } = measureIn(cells, usualUnit(catalog, materialId), unitOfHeading);
  const full = numberIn(cells, 'size', 20_000);
  if (full === null || full === 0) throw new Wrong({ code: 'no-size' });
  const size = rounded(full * times);
  if (size > 20_000)
    throw new Wrong({ code: 'number', column: 'size', text: cells.get('size') ?? '' });
  const left = rounded((numberIn(cells, 'left', 20_000) ?? full) * times);
  if (left > size) throw new Wrong({ code: 'more-than-holds' });
  return inOrder({
    materialId,
    lot: (cells.get('lot') ?? '').trim().slice(0, 80),
    supplier: (cells.get('supplier') ?? '').trim().slice(0, 120),
    boughtOn: dayIn(cells, 'bought', today),
    openedOn: dayIn(cells, 'opened', today),
    printedDate: dayIn(cells, 'printed', null),
    unit,
    size,
    atStart: left,
    price: numberIn(cells, 'price', 100_000),
    weighings: [],
    analysis: null,
    first: false,
    finishedOn: null,
  });
};

/**
 * Reads a table of bottles, with a line of headings above it. Each line is a bottle, or is reported with
 * what is wrong; what may be several things is never guessed.
 *
 * @param rows cells, line by line; the headings are in the first line, or below some lines of title
 * @param today no bottle was bought or opened after it
 * @param chosen of the lines that may be several materials, which was meant, by number of the line
 * @param twoOf numbers of lines that are the same as another and mean a bottle more
 */
export const readShelf = (
  rows: readonly (readonly string[])[],
  catalog: Catalog,
  today: Day,
  chosen: ReadonlyMap<number, string> = new Map(),
  twoOf: ReadonlySet<number> = new Set(),
): ReadShelf => {
  // Titles, and the mark by which a spreadsheet says what parts its columns, may stand above.
  const at = rows
    .slice(0, mostTitles)
    .findIndex((row) =>
      ['material', 'size'].every((name) => row.map(columnOf).includes(name as ShelfColumn)),
    );
  const heading = rows[Math.max(0, at)];
  const lines = rows.slice(Math.max(0, at) + 1);
  if (!heading || lines.length === 0) return { ok: false, code: 'empty' };
  if (lines.length > mostLines) return { ok: false, code: 'too-long' };
  if (at < 0) return { ok: false, code: 'no-heading' };
  const read = heading.map(columnOf);
  const [, bracketed = ''] = /\(([^)]*)\)/.exec(heading[read.indexOf('size')] ?? '') ?? [];
  const unitOfHeading = plain(bracketed);
  const seen = new Map<string, number>();
  return {
    ok: true,
    unread: heading.filter((text, n) => read[n] === undefined && text.trim() !== ''),
    lines: lines.map((row, n): ShelfLine => {
      const cells = new Map<ShelfColumn, string>();
      row.forEach((text, column) => {
        const name = read[column];
        if (name !== undefined && !cells.has(name)) cells.set(name, text);
      });
      const line = at + n + 2;
      try {
        const bottle = bottleFrom(cells, catalog, today, chosen.get(line), unitOfHeading);
        const count = countIn(cells);
        const key = JSON.stringify(bottle);
        const first = seen.get(key);
        if (first !== undefined && !twoOf.has(line)) throw new Wrong({ code: 'twice', first });
        seen.set(key, line);
        return { line, ok: true, bottle, count };
      } catch (error) {
        if (error instanceof Wrong) return { line, ok: false, problem: error.problem };
        throw error;
      }
    }),
  };
};
