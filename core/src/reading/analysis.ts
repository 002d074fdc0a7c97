import constituentsJson from '../library/data/constituents.json';
import { plainName } from '../library/names';
import type { Content } from '../library/schema';

/** A batch analysis as it was read, or why it was not. */
export type ReadAnalysis =
  | {
      readonly ok: true;
      readonly contents: readonly Content[];
      /** Names that the library does not list: kept, and no cap reads them. */
      readonly unlisted: readonly string[];
      readonly totalPercent: number;
    }
  | { readonly ok: false; readonly sentence: string };

const greek: Readonly<Record<string, string>> = {
  α: 'alpha',
  β: 'beta',
  γ: 'gamma',
  δ: 'delta',
  ε: 'epsilon',
  τ: 'tau',
};

/** Names that sheets use for what the library lists under another. */
const otherNames: Readonly<Record<string, string>> = {
  eucalyptol: '1,8-cineole',
  'cineole 1 8': '1,8-cineole',
  'd limonene': 'limonene',
  'methyl chavicol': 'estragole',
  methyleugenol: 'methyl eugenol',
  'cinnamic aldehyde': 'cinnamaldehyde',
  cinnamal: 'cinnamaldehyde',
  'citral a': 'geranial',
  'citral b': 'neral',
  'beta myrcene': 'myrcene',
  'para cymene': 'p-cymene',
};

const keyOf = (name: string): string =>
  plainName(name.replace(/[αβγδετ]/gu, (letter) => `${greek[letter] ?? ''} `));

const byName = new Map(constituentsJson.constituents.map(({ name }) => [keyOf(name), name]));
const byCas = new Map(
  constituentsJson.constituents.flatMap(({ cas, name }) => (cas ? [[cas, name] as const] : [])),
);
const others = new Map(Object.entries(otherNames).map(([from, to]) => [plainName(from), to]));

interface Row {
  readonly cells: readonly string[];
  readonly percent: number;
  readonly line: number;
}

const casPattern = /^\d{2,7}-\d{2}-\d$/;

const listed = (cells: readonly string[]): string | undefined => {
  const cas = cells.find((cell) => casPattern.test(cell));
  if (cas && byCas.has(cas)) return byCas.get(cas);
  const key = keyOf(cells[0] ?? '');
  return byName.get(key) ?? others.get(key) ?? byName.get(key.replace(/ /g, ''));
};

const percentOf = (cell: string): number | null => {
  const text = cell.replace(/%/g, '').replace(/\s/g, '').replace(',', '.');
  if (text === '' || !/^<?\d*\.?\d+$/.test(text)) return null;
  return Number(text.replace('<', ''));
};

/**
 * Reads a batch analysis: rows of a constituent and a percent; a column of CAS numbers
 * helps. A heading is passed over; a line without a percent is too. The percents may not
 * come to more than 101.
 *
 * @param data cells of each line of the table
 */
export const readAnalysis = (data: readonly (readonly string[])[]): ReadAnalysis => {
  const rows = data.flatMap((cells, index): Row[] => {
    const line = index + 1;
    const trimmed = cells.map((cell) => cell.trim());
    const percent = trimmed
      .slice(1)
      .filter((cell) => !casPattern.test(cell))
      .map(percentOf)
      .find((value): value is number => value !== null);
    return trimmed[0] && percent !== undefined ? [{ cells: trimmed, percent, line }] : [];
  });
  if (rows.length === 0) {
    return {
      ok: false,
      sentence:
        'No line with a constituent and a percent was found. A line looks like “linalool, 34.2”.',
    };
  }
  const tooMuch = rows.find(({ percent }) => percent > 100);
  if (tooMuch) {
    return {
      ok: false,
      sentence: `Line ${tooMuch.line}: ${tooMuch.cells[0] ?? ''} cannot be ${tooMuch.percent} %.`,
    };
  }
  const sums = new Map<string, number>();
  const unlisted: string[] = [];
  for (const { cells, percent } of rows) {
    const known = listed(cells);
    const name = known ?? cells[0] ?? '';
    if (!known) unlisted.push(name);
    sums.set(name, (sums.get(name) ?? 0) + percent);
  }
  const totalPercent = [...sums.values()].reduce((total, one) => total + one, 0);
  if (totalPercent > 101) {
    return {
      ok: false,
      sentence: `The percents come to ${totalPercent.toFixed(1)}, more than the whole bottle. Look for a line that counts twice.`,
    };
  }
  return {
    ok: true,
    contents: [...sums].map(([name, percent]): Content => [name, percent, percent, percent]),
    unlisted,
    totalPercent,
  };
};
