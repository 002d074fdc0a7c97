import Papa from 'papaparse';
import { saveFile } from './saveFile';

/** What stands in one field of a table; null is an empty one. */
type Field = string | number | null;

/**
 * Hands the maker a table as CSV, the names of its columns first. What begins like a formula is
 * made harmless for spreadsheets.
 */
export const saveTable = (
  name: string,
  fields: readonly string[],
  rows: readonly (readonly Field[])[],
): void =>
  saveFile(
    `${name}.csv`,
    Papa.unparse(
      { fields: [...fields], data: rows.map((row) => [...row]) },
      { escapeFormulae: true },
    ),
    'text/csv',
  );
