import Papa from 'papaparse';

/** No table that is pasted or opened is longer, in characters. */
export const longestTable = 1_000_000;

/** Cells of a table with commas, semicolons or tabs; a comma may be a decimal point. */
export const tableRows = (text: string): string[][] => {
  // A spreadsheet may say itself which mark parts the columns; else most lines tell.
  const [, said, below] = /^\s*sep=(.)\r?\n(.*)$/su.exec(text) ?? [];
  const table = below ?? text;
  const first = table.trimStart().split(/\r?\n/, 20);
  const isMost = (mark: string): boolean =>
    2 * first.filter((line) => line.includes(mark)).length >= first.length;
  const delimiter = said ?? [';', '\t'].find(isMost) ?? ',';
  return Papa.parse<string[]>(table.trim(), { delimiter, skipEmptyLines: 'greedy' }).data;
};
