import Papa from 'papaparse';

/** No table that is pasted or opened is longer, in characters. */
export const longestTable = 1_000_000;

/** Cells of a table with commas, semicolons or tabs; a comma may be a decimal point. */
export const tableRows = (text: string): string[][] => {
  // The headings say which mark parts the columns.
  const [headings = ''] = text.trimStart().split(/\r?\n/, 1);
  const delimiter = [';', '\t'].find((mark) => headings.includes(mark)) ?? ',';
  return Papa.parse<string[]>(text.trim(), { delimiter, skipEmptyLines: 'greedy' }).data;
};
