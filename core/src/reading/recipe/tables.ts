import { plainLetters } from '../../quantity';
import type { ReadUnit } from './amounts';

// A table of ingredients, with its amounts in one column or several, as lines that name their units.

const unitHeads: readonly (readonly [RegExp, ReadUnit])[] = [
  [/\bdrops?\b|\bgtts?\b/, 'drops'],
  [/\bmls?\b|\bmillilit/, 'ml'],
  [/\bgrams?\b|\bg\b|\bweight\b/, 'g'],
  [/%|\bper ?cent\b|\bpct\b/, 'percent'],
  [/\bparts?\b/, 'parts'],
  [/\btsps?\b|\bteaspoons?\b/, 'tsp'],
  [/\btbsps?\b|\btablespoons?\b/, 'tbsp'],
];

/** `Drops`, `Amount (g)`, `all in ml`: the unit that a heading states. */
export const unitOfHeading = (text: string): ReadUnit | null => {
  const plain = plainLetters(text);
  if (/\d/.test(plain)) return null;
  return unitHeads.find(([pattern]) => pattern.test(plain))?.[1] ?? null;
};

const nameHead = /^(?:ingredients?|names?|oils?|essential oils?|materials?|what|item|substance)\b/;
const amountHead = /^(?:amounts?|quantity|qty|how much|measure)\b/;
const unitHead = /^(?:units?|uom)$/;

interface Columns {
  readonly name: number;
  readonly amount: number;
  readonly unit: number;
  /** Columns whose heading states a unit, drops before volume before weight before shares. */
  readonly units: readonly { readonly at: number; readonly unit: ReadUnit }[];
}

/** What the columns of a table hold by its first row; null where that is no heading. */
const columnsOf = (cells: readonly string[]): Columns | null => {
  const heads = cells.map((cell) => plainLetters(cell).trim());
  if (heads.length < 2 || heads.some((head) => /\d/.test(head) || head.length > 40)) return null;
  const named = heads.findIndex((head) => nameHead.test(head));
  const units = heads
    .flatMap((head, at) => {
      const unit = at === named ? null : unitOfHeading(head);
      return unit ? [{ at, unit }] : [];
    })
    .sort((a, b) => rank(a.unit) - rank(b.unit));
  const amount = heads.findIndex((head, n) => n !== named && amountHead.test(head));
  if (named < 0 || (units.length === 0 && amount < 0)) return null;
  return { name: named, amount, unit: heads.findIndex((head) => unitHead.test(head)), units };
};

const rank = (unit: ReadUnit): number => unitHeads.findIndex(([, of]) => of === unit);

const isNumber = (cell: string): boolean => /^\s*[\d½¼¾⅓⅔.,/ -]+\s*$/.test(cell);

/** A row as a line: the amount that is counted first, the others in brackets. */
const lineOf = (cells: readonly string[], columns: Columns): string | null => {
  const name = cells[columns.name]?.trim() ?? '';
  if (name === '') return null;
  const stated = columns.units.flatMap(({ at, unit }) => {
    const cell = cells[at] ?? '';
    if (!isNumber(cell)) return /\d/.test(cell) ? [cell.trim()] : [];
    return Number(cell.replace(',', '.')) === 0
      ? []
      : [`${cell.trim()} ${unit === 'percent' ? '%' : unit}`];
  });
  const free = cells[columns.amount]?.trim();
  const unit = cells[columns.unit]?.trim() ?? '';
  const [first, ...others] = [...(free ? [`${free} ${unit}`.trim()] : []), ...stated];
  if (first === undefined) return name;
  return `${name} : ${first}${others.map((other) => ` (${other})`).join('')}`;
};

/** The cells of a row: between upright strokes, tabs, semicolons, or commas where no space follows. */
const cellsOf = (row: string): readonly string[] | null => {
  if (row.includes('|')) {
    return row
      .trim()
      .replace(/^\||\|$/g, '')
      .split('|')
      .map((cell) => cell.trim());
  }
  const mark = ['\t', ';', ','].find((one) => row.includes(one));
  if (mark === undefined || (mark === ',' && /, /.test(row))) return null;
  return row.split(mark).map((cell) => cell.trim().replace(/^"(.*)"$/, '$1'));
};

/** Rows of tables under a heading that says what the columns are become lines; all else is as it was. */
export const withoutTables = (
  lines: readonly string[],
): readonly { readonly text: string; readonly isRow: boolean }[] => {
  let columns: Columns | null = null;
  return lines.map((text) => {
    const cells = cellsOf(text);
    if (!cells || cells.length < 2) {
      columns = null;
      return { text, isRow: false };
    }
    if (!columns) {
      columns = columnsOf(cells);
      // Of a row of headings between upright strokes a heading is made.
      return { text: columns && !text.includes('|') ? '' : text, isRow: false };
    }
    if (cells.every((cell) => /^:?-{2,}:?$/.test(cell))) return { text, isRow: false };
    const line = lineOf(cells, columns);
    return line === null ? { text, isRow: false } : { text: line, isRow: true };
  });
};
