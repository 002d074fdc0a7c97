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
  readonly percent: number;
}

const casPattern = /^\d{2,7}-\d{2}-\d$/;

const listed = (cells: readonly string[]): string | null => {
  const cas = cells.find((cell) => casPattern.test(cell));
  const byNumber = cas === undefined ? undefined : byCas.get(cas);
  if (byNumber !== undefined) return byNumber;
  return constituentNamed(cells[0] ?? '');
};

const percentOf = (cell: string): number | null => {
  const text = cell.replace(/%/g, '').replace(/\s/g, '').replace(',', '.');
  if (text === '' || !/^<?\d*\.?\d+$/.test(text)) return null;
  return Number(text.replace('<', ''));
};

const isNumber = (cell: string): boolean => !casPattern.test(cell) && percentOf(cell) !== null;

/** Headings of columns of numbers that are no percents: retention times and the like. */
const otherHeading =
  /^(#|no\.?|nr\.?|peak|rt|r\.t\.?|rri?|ri|lri|ki|kovats|index|cas)\b|time|min\b|index/i;
const percentHeading = /%|percent|per cent|area|content|amount|anteil|gehalt|teneur|w\/w/i;

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

const placeOf = (
  heading: readonly string[] | undefined,
  rows: readonly Line[],
): Place | 'no-percents' | 'which-column' => {
  const widest = Math.max(0, ...rows.map(({ cells }) => cells.length));
  const numbers = Array.from({ length: widest }, (_, column) => column).filter(
    (column) =>
      column > 0 &&
      !otherHeading.test(heading?.[column] ?? '') &&
      2 * rows.filter(({ cells }) => isNumber(cells[column] ?? '')).length >= rows.length,
  );
  const named = numbers.filter((column) => percentHeading.test(heading?.[column] ?? ''));
  const [only] = named.length === 1 ? named : numbers;
  if (only === undefined) return 'no-percents';
  if (named.length === 1 || numbers.length === 1) return { column: only, parted: false };
  return numbers.length === 2 && isParted(rows, numbers)
    ? { column: only, parted: true }
    : 'which-column';
};

const percentAt = ({ cells }: Line, { column, parted }: Place): number | null =>
  parted
    ? percentOf(`${cells[column] ?? ''}.${cells[column + 1] ?? ''}`)
    : isNumber(cells[column] ?? '')
      ? percentOf(cells[column] ?? '')
      : null;

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
  const lines = data
    .map((cells, index): Line => ({ cells: cells.map((cell) => cell.trim()), line: index + 1 }))
    .filter(({ cells }) => cells[0] && !/^(total|sum|summe)\b/i.test(cells[0]));
  const isHeading = ({ cells }: Line): boolean => !cells.slice(1).some(isNumber);
  const first = lines.findIndex((line) => !isHeading(line));
  const heading = first > 0 ? lines[first - 1]?.cells : undefined;
  const body = first < 0 ? [] : lines.slice(first);
  if (body.length === 0) {
    return no({ code: 'no-lines' });
  }
  const place = placeOf(heading, body);
  if (typeof place === 'string') return no({ code: place });
  const rows: Row[] = [];
  const refused: { line: number; text: string }[] = [];
  for (const line of body) {
    const percent = percentAt(line, place);
    if (percent === null) refused.push({ line: line.line, text: line.cells.join(' ') });
    else rows.push({ ...line, percent });
  }
  const tooMuch = rows.find(({ percent }) => percent > 100);
  if (tooMuch) {
    return no({
      code: 'past-100',
      line: tooMuch.line,
      name: tooMuch.cells[0] ?? '',
      percent: tooMuch.percent,
    });
  }
  const sums = new Map<string, number>();
  for (const { cells, percent } of rows) {
    const name = listed(cells) ?? cells[0] ?? '';
    sums.set(name, (sums.get(name) ?? 0) + percent);
  }
  const totalPercent = [...sums.values()].reduce((total, entry) => total + entry, 0);
  if (totalPercent > 101) {
    return no({ code: 'past-whole', totalPercent });
  }
  return {
    ok: true,
    contents: [...sums].map(([name, percent]): Content => [name, percent, percent, percent]),
    refused,
    totalPercent,
  };
};
