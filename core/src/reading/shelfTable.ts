import { basesNamed, forbiddenNamed, oilsNamed, type Catalog } from '../catalog';
import { readNumber, type Day } from '../quantity';
import { isDay, usualUnit, type Bottle } from '../stock';

/** What a column of a shelf's table holds. */
const columns = [
  'material',
  'lot',
  'supplier',
  'size',
  'left',
  'unit',
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
  size: ['size', 'holds', 'volume', 'amount', 'quantity', 'weight'],
  left: ['left', 'remaining', 'in it', 'left in it'],
  unit: ['unit', 'measured in'],
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
  | { readonly code: 'more-than-holds' };

/** A line of the table, as a bottle or with what is wrong. */
export type ShelfLine =
  | { readonly line: number; readonly ok: true; readonly bottle: Bottle }
  | { readonly line: number; readonly ok: false; readonly problem: ShelfLineProblem };

/** A table of bottles as it was read. */
export type ReadShelf =
  | { readonly ok: true; readonly lines: readonly ShelfLine[]; readonly unread: readonly string[] }
  | { readonly ok: false; readonly code: 'empty' | 'no-heading' | 'too-long' };

/** More bottles than this are on no shelf. */
const mostLines = 2000;

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

const unitIn = (cells: Cells): Bottle['unit'] | null => {
  const behind = /([a-z]+)\.?\s*$/i.exec(cells.get('size') ?? '')?.[1] ?? '';
  const unitText = plain(cells.get('unit') ?? '') || behind.toLowerCase();
  if (unitText === '') return null;
  if (['ml', 'millilitres', 'milliliters', 'millilitre'].includes(unitText)) return 'ml';
  if (['g', 'gram', 'grams', 'gr'].includes(unitText)) return 'g';
  throw new Wrong({ code: 'unit', text: unitText });
};

const materialIn = (cells: Cells, catalog: Catalog, chosen: string | undefined): string => {
  const name = (cells.get('material') ?? '').trim();
  if (name === '') throw new Wrong({ code: 'no-material' });
  if (forbiddenNamed(name)) throw new Wrong({ code: 'never-on-skin', name });
  const ids = [
    ...new Set([...oilsNamed(catalog, name), ...basesNamed(catalog, name)].map(({ id }) => id)),
  ];
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
): Bottle => {
  const materialId = materialIn(cells, catalog, chosen);
  const unit = unitIn(cells) ?? usualUnit(catalog, materialId);
  const size = numberIn(cells, 'size', 20_000);
  if (size === null || size === 0) throw new Wrong({ code: 'no-size' });
  const left = numberIn(cells, 'left', 20_000) ?? size;
  if (left > size) throw new Wrong({ code: 'more-than-holds' });
  return {
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
  };
};

/**
 * Reads a table of bottles, with a line of headings above it. Each line is a bottle, or is reported with
 * what is wrong; what may be several things is never guessed.
 *
 * @param rows cells, line by line; the first line holds the headings
 * @param today no bottle was bought or opened after it
 * @param chosen of the lines that may be several materials, which was meant, by number of the line
 */
export const readShelf = (
  rows: readonly (readonly string[])[],
  catalog: Catalog,
  today: Day,
  chosen: ReadonlyMap<number, string> = new Map(),
): ReadShelf => {
  const [heading, ...lines] = rows;
  if (!heading || lines.length === 0) return { ok: false, code: 'empty' };
  if (lines.length > mostLines) return { ok: false, code: 'too-long' };
  const read = heading.map(columnOf);
  if (!read.includes('material') || !read.includes('size'))
    return { ok: false, code: 'no-heading' };
  return {
    ok: true,
    unread: heading.filter((text, n) => read[n] === undefined && text.trim() !== ''),
    lines: lines.map((row, n): ShelfLine => {
      const cells = new Map<ShelfColumn, string>();
      row.forEach((text, at) => {
        const column = read[at];
        if (column !== undefined && !cells.has(column)) cells.set(column, text);
      });
      // The line of headings is the first.
      const line = n + 2;
      try {
        return { line, ok: true, bottle: bottleFrom(cells, catalog, today, chosen.get(line)) };
      } catch (error) {
        if (error instanceof Wrong) return { line, ok: false, problem: error.problem };
        throw error;
      }
    }),
  };
};
