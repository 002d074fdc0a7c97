import constituentsJson from '../catalog/data/constituents.json';
import { constituentNamed, type Content } from '../catalog';

/** A batch analysis as it was read, or why it was not. */
export type ReadAnalysis =
  | {
      readonly ok: true;
      readonly contents: readonly Content[];
      /** Lines without a percent where one should be: left out. */
      readonly refused: readonly { readonly line: number; readonly text: string }[];
      readonly totalPercent: number;
    }
  | ({ readonly ok: false } & AnalysisProblem);

/** Why an analysis cannot be read. */
export type AnalysisProblem =
  | { readonly code: 'no-lines' | 'no-percents' | 'which-column' }
  /** Shares of one (0.342), not of a hundred. */
  | { readonly code: 'fractions' }
  | {
      readonly code: 'past-100';
      readonly line: number;
      readonly name: string;
      readonly percent: number;
    }
  | { readonly code: 'past-whole'; readonly totalPercent: number };

const byCas = new Map(
  constituentsJson.constituents.flatMap(({ cas, name }) => (cas ? [[cas, name] as const] : [])),
);
interface Row extends Line {
  readonly name: string;
  readonly percent: number;
  readonly most: number;
}

const casPattern = /^\d{2,7}-\d{2}-\d$/;

const listed = (cells: readonly string[], name: string): string | null => {
  const cas = cells.find((cell) => casPattern.test(cell));
  const byNumber = cas === undefined ? undefined : byCas.get(cas);
  return byNumber ?? constituentNamed(name);
};

/** Looked for and not there; there, and less than can be measured. */
const notDetected = /^(?:n\.?\s?d\.?|nq|n\/d|not detected|absent|-+|–)$/i;
const trace = /^(?:tr\.?|traces?|t)$/i;
/** What “trace” is at the most, in percent, in the practice of laboratories. */
const mostOfTrace = 0.1;

const percentOf = (cell: string): number | null => {
  const text = cell.replace(/%/g, '').replace(/\s/g, '').replace(',', '.');
  if (text === '' || !/^<?\d*\.?\d+$/.test(text)) return null;
  return Number(text.replace('<', ''));
};

const isNumber = (cell: string): boolean => !casPattern.test(cell) && percentOf(cell) !== null;
const isReading = (cell: string): boolean =>
  isNumber(cell) || notDetected.test(cell) || trace.test(cell);

/** Headings of columns of numbers that are no percents: retention times, other units, and the like. */
const otherHeading =
  /^(#|no\.?|nr\.?|peak|rt|r\.t\.?|rri?|ri|lri|ki|kovats|index|cas|min(?:imum)?|max(?:imum)?)\b|time|min\b|index|ppm|ppb|mg\/|fraction|ratio|match|quality|limit|norm|spec/i;
const percentHeading = /%|percent|per cent|prozent|pour ?cent|w\/w/i;
const amountHeading = /area|content|amount|anteil|gehalt|teneur|result|conc/i;
const nameHeading =
  /constituent|component|compound|substance|name|identification|inhaltsstoff|bestandteil|composant|analyte/i;

/** Where the percents are: in a column, or in two that a decimal comma has parted. */
type Place = { readonly column: number; readonly parted: boolean };

/** Two columns of whole numbers beside each other, in a table parted by commas: `34,2`. */
const isParted = (rows: readonly Line[], [first = 0, second = 0]: readonly number[]): boolean =>
  second === first + 1 &&
  rows.every(
    ({ cells }) => /^<?\d{1,2}$/.test(cells[first] ?? '') && /^\d{1,3}$/.test(cells[second] ?? ''),
  );

interface Line {
  readonly cells: readonly string[];
  readonly line: number;
}

const columnsOf = (rows: readonly Line[]): readonly number[] =>
  Array.from({ length: Math.max(0, ...rows.map(({ cells }) => cells.length)) }, (_, n) => n);

const mostly = (rows: readonly Line[], is: (cell: string) => boolean, column: number): boolean =>
  2 * rows.filter(({ cells }) => is(cells[column] ?? '')).length >= rows.length;

/** The column of names: as its heading says, else the first of words. */
const nameColumn = (heading: readonly string[] | undefined, rows: readonly Line[]): number => {
  const named = heading?.findIndex((cell) => nameHeading.test(cell)) ?? -1;
  if (named >= 0) return named;
  const isName = (cell: string): boolean => /\p{L}{3}/u.test(cell) && !isReading(cell);
  return columnsOf(rows).find((column) => mostly(rows, isName, column)) ?? 0;
};

const placeOf = (
  heading: readonly string[] | undefined,
  rows: readonly Line[],
  names: number,
): Place | 'no-percents' | 'which-column' => {
  const numbers = columnsOf(rows).filter(
    (column) =>
      column !== names &&
      !otherHeading.test(heading?.[column] ?? '') &&
      // Numbers before the names count the peaks, or say when each came.
      (column > names || percentHeading.test(heading?.[column] ?? '')) &&
      mostly(rows, isReading, column) &&
      rows.some(({ cells }) => isNumber(cells[column] ?? '')),
  );
  const withHeading = (pattern: RegExp) =>
    numbers.filter((column) => pattern.test(heading?.[column] ?? ''));
  const signed = numbers.filter((column) =>
    rows.some(({ cells }) => /%/.test(cells[column] ?? '')),
  );
  const [only] =
    [withHeading(percentHeading), withHeading(amountHeading), signed, numbers].find(
      (found) => found.length === 1,
    ) ?? numbers;
  if (only === undefined) return 'no-percents';
  const isOne =
    numbers.length === 1 ||
    [percentHeading, amountHeading].some((pattern) => withHeading(pattern).length === 1) ||
    signed.length === 1;
  if (isOne) return { column: only, parted: false };
  return numbers.length === 2 && isParted(rows, numbers)
    ? { column: only, parted: true }
    : 'which-column';
};

/** What a line says: so many percent, with the most it may be; null where it says none. */
const percentAt = (
  { cells }: Line,
  { column, parted }: Place,
): { readonly percent: number; readonly most: number } | null => {
  const cell = cells[column] ?? '';
  if (!parted && trace.test(cell)) return { percent: 0, most: mostOfTrace };
  if (!parted && notDetected.test(cell)) return { percent: 0, most: 0 };
  const percent = parted
    ? percentOf(`${cell}.${cells[column + 1] ?? ''}`)
    : isNumber(cell)
      ? percentOf(cell)
      : null;
  return percent === null ? null : { percent, most: percent };
};

/** The last of the lines above the numbers that names columns: titles may stand above it. */
const headingOf = (lines: readonly Line[]): number =>
  lines.findIndex(
    ({ cells }) =>
      cells.filter((cell) => cell !== '').length > 1 &&
      cells.some((cell) => percentHeading.test(cell) || amountHeading.test(cell)) &&
      !cells.some(isNumber),
  );

/**
 * Reads a batch analysis: rows of a constituent and a percent; a column of CAS numbers
 * helps. Where several columns hold numbers a heading must say which are the percents; a decimal
 * comma in a table that is parted by commas is put together again. A row that cannot be read so
 * is refused and told. The percents may not come to more than 101.
 *
 * @param data cells of each line of the table
 */
export const readAnalysis = (data: readonly (readonly string[])[]): ReadAnalysis => {
  const no = (problem: AnalysisProblem): ReadAnalysis => ({ ok: false, ...problem });
  const all = data
    .map((cells, index): Line => ({ cells: cells.map((cell) => cell.trim()), line: index + 1 }))
    .filter(({ cells }) => cells.some((cell) => cell !== ''));
  const titled = headingOf(all);
  const below = all.slice(titled + 1);
  const first = below.findIndex(({ cells }) => cells.some(isNumber) && cells.length > 1);
  const heading =
    titled >= 0 ? all[titled]?.cells : first > 0 ? below[first - 1]?.cells : undefined;
  const body = (first < 0 ? [] : titled >= 0 ? below : below.slice(first)).filter(
    ({ cells }) => !cells.some((cell) => /^(total|sum|summe)\b/i.test(cell)),
  );
  if (first < 0 || body.length === 0) return no({ code: 'no-lines' });
  if (heading?.some((cell) => /fraction/i.test(cell)) && !heading.some((cell) => /%/.test(cell))) {
    return no({ code: 'fractions' });
  }
  const names = nameColumn(heading, body);
  const place = placeOf(heading, body, names);
  if (typeof place === 'string') return no({ code: place });
  const rows: Row[] = [];
  const refused: { line: number; text: string }[] = [];
  for (const line of body) {
    const found = percentAt(line, place);
    const name = line.cells[names] ?? '';
    if (found === null || name === '' || /\bpp[mb]\b/i.test(line.cells.join(' '))) {
      refused.push({ line: line.line, text: line.cells.filter(Boolean).join(' ') });
    } else if (found.most > 0) rows.push({ ...line, ...found, name });
  }
  const tooMuch = rows.find(({ percent }) => percent > 100);
  if (tooMuch) {
    const { line, name, percent } = tooMuch;
    return no({ code: 'past-100', line, name, percent });
  }
  const sums = new Map<string, { readonly percent: number; readonly most: number }>();
  for (const { cells, name, percent, most } of rows) {
    const known = listed(cells, name) ?? name;
    const before = sums.get(known) ?? { percent: 0, most: 0 };
    sums.set(known, { percent: before.percent + percent, most: before.most + most });
  }
  const totalPercent = [...sums.values()].reduce((total, { percent }) => total + percent, 0);
  if (rows.length === 0) return no({ code: 'no-lines' });
  // Shares of one come to about one, and no oil is made of one percent.
  const isFractions = rows.length > 1 && totalPercent <= 1.01 && totalPercent > 0.5;
  if (isFractions && !rows.some(({ cells }) => /%/.test(cells.join(' ')))) {
    return no({ code: 'fractions' });
  }
  if (totalPercent > 101) {
    return no({ code: 'past-whole', totalPercent });
  }
  return {
    ok: true,
    contents: [...sums].map(([name, { percent, most }]): Content => [
      name,
      most > percent ? 0 : percent,
      percent,
      most,
    ]),
    refused,
    totalPercent,
  };
};
