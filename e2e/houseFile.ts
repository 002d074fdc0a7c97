import { readFileSync, writeFileSync } from 'node:fs';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';

/** A record as it is in a house file. */
export type Row = Record<string, unknown>;

/** The tables of a house file, for tests that change them. */
export type Tables = Record<string, Row[]>;

const headName = 'house.json';

/** Reads a house file that was saved. */
export const readTables = (path: string): Tables =>
  Object.fromEntries(
    Object.entries(unzipSync(readFileSync(path)))
      .filter(([name]) => name !== headName)
      .map(([name, data]) => [name.replace('.json', ''), JSON.parse(strFromU8(data)) as Row[]]),
  );

/** One record a line; what is no list is as it is. */
const textOf = (rows: unknown): string =>
  Array.isArray(rows)
    ? `[\n${rows.map((row) => JSON.stringify(row)).join(',\n')}\n]\n`
    : JSON.stringify(rows);

/** Writes a house file like another, with other tables, whatever they are. */
export const writeTables = (
  path: string,
  like: string,
  tables: Readonly<Record<string, unknown>>,
): void => {
  const files: Record<string, Uint8Array> = {
    [headName]: unzipSync(readFileSync(like))[headName] ?? new Uint8Array(),
  };
  for (const [table, rows] of Object.entries(tables))
    files[`${table}.json`] = strToU8(textOf(rows));
  writeFileSync(path, zipSync(files));
};
