import type { HouseFileProblem } from '@jubbet/core/words';
import { strToU8, Unzip, UnzipInflate, Zip, ZipDeflate } from 'fflate';
import { z } from 'zod';
import { firstVersion, storeVersion } from './migrate';
import { moment } from './records/fields';
import type { Table } from './records';
import type { Rows } from './records/recordKind';

// The house file: a zip with one JSON file for each kind of record, one record a line, and what the
// whole is of in `house.json`.

/** House files have the form of a version of the store, and a number that is four lower. */
export const storeVersionOf = (version: number): number => version + 4;
/** The oldest version of house files that is read. */
export const oldestFileVersion = firstVersion - 4;
/** The version of house files that is written. */
export const fileVersion = storeVersion - 4;

/** Larger than this, in bytes, no house is once it is unpacked. */
export const largestHouse = 1_500_000_000;
/** Longer than this, in characters, no record is. */
const longestRecord = 20_000_000;
/** More than this no house holds. */
const mostRecords = 3_000_000;

export const headSchema = z.strictObject({
  format: z.literal('jubbet-house'),
  version: z.number().int().min(oldestFileVersion).max(fileVersion),
  savedAt: moment,
  /** The house from which it was saved, and what it had read of others, by house. */
  from: z.strictObject({
    house: z.string().min(1).max(100),
    readFrom: z.record(z.string().max(100), moment),
  }),
});
export type Head = z.infer<typeof headSchema>;

/** A zip that cannot be read as a house file. */
export class HouseFileError extends Error {
  constructor(readonly problem: HouseFileProblem) {
    super(problem.code);
  }
}

export const headName = 'house.json';
export const fileNameOf = (table: string): string => `${table}.json`;

/** Called with how far it is, from 0 to 1; may throw to stop it. */
export type Progress = (share: number) => void;

/** Packs a house, piece by piece. */
export const packHouse = (head: Head) => {
  const parts: Uint8Array<ArrayBuffer>[] = [];
  let failure: Error | null = null;
  const zip = new Zip((error, data) => {
    failure ??= error;
    parts.push(new Uint8Array(data));
  });
  const file = (name: string) => {
    const entry = new ZipDeflate(name, { level: 4 });
    zip.add(entry);
    return entry;
  };
  file(headName).push(strToU8(`${JSON.stringify(head, null, 2)}\n`), true);
  return {
    /** One kind of record: called with its rows, some at a time. */
    table: (table: Table) => {
      const entry = file(fileNameOf(table));
      let isFirst = true;
      return {
        add: (rows: readonly unknown[]): void => {
          if (rows.length === 0) return;
          const lines = rows.map((row) => JSON.stringify(row)).join(',\n');
          entry.push(strToU8(`${isFirst ? '[\n' : ',\n'}${lines}`));
          isFirst = false;
        },
        end: (): void => entry.push(strToU8(isFirst ? '[]\n' : '\n]\n'), true),
      };
    },
    end: (): readonly Uint8Array<ArrayBuffer>[] => {
      zip.end();
      if (failure) throw failure;
      return parts;
    },
  };
};

export const isZip = (bytes: Uint8Array): boolean => bytes[0] === 0x50 && bytes[1] === 0x4b;

/** Takes a JSON text with one record a line, as it comes. */
const lineReader = (name: string, take: (row: unknown) => void) => {
  const decoder = new TextDecoder('utf-8', { fatal: true });
  let rest = '';
  const line = (text: string): void => {
    const record = text.endsWith(',') ? text.slice(0, -1) : text;
    if (record === '' || record === '[' || record === ']' || record === '[]') return;
    try {
      take(JSON.parse(record));
    } catch (error) {
      if (error instanceof HouseFileError) throw error;
      throw new HouseFileError({ code: 'not-json', file: name });
    }
  };
  return (bytes: Uint8Array, isLast: boolean): void => {
    let text: string;
    try {
      text = rest + decoder.decode(bytes, { stream: !isLast });
    } catch {
      throw new HouseFileError({ code: 'not-text', file: name });
    }
    const lines = text.split('\n');
    rest = lines.pop() ?? '';
    if (rest.length > longestRecord) {
      throw new HouseFileError({ code: 'line-too-long', file: name });
    }
    lines.forEach((entry) => line(entry.trim()));
    if (isLast) line(rest.trim());
  };
};

/** All that a zip holds, table by table, in the form in which it was written. */
export interface Unpacked {
  readonly head: unknown;
  /** The rows of each table, by the name that the table has in the file. */
  readonly rows: Rows;
}

const chunkSize = 1 << 18;

/**
 * Unpacks a house file. Files in it that are neither its head nor a table are ignored.
 *
 * @param tableNames the names of tables in any version that is read
 * @throws HouseFileError where it is damaged, cut off, or larger than any house
 */
export const unpackHouse = (
  bytes: Uint8Array,
  tableNames: ReadonlySet<string>,
  progress: Progress = () => undefined,
): Unpacked => {
  const rows: Record<string, unknown[]> = {};
  let head = '';
  let size = 0;
  let count = 0;
  let failure: unknown = null;
  const open = new Set<string>();
  const seen = new Set<string>();
  const unzip = new Unzip((file) => {
    const table = file.name.replace(/\.json$/, '');
    const isTable = tableNames.has(table) && file.name === fileNameOf(table);
    if (!isTable && file.name !== headName) return;
    if (seen.has(file.name)) throw new HouseFileError({ code: 'file-twice', file: file.name });
    seen.add(file.name);
    open.add(file.name);
    const decoder = new TextDecoder();
    const tableRows: unknown[] = [];
    if (isTable) rows[table] = tableRows;
    const read = isTable
      ? lineReader(file.name, (row) => {
          count += 1;
          if (count > mostRecords) throw new HouseFileError({ code: 'too-many-records' });
          tableRows.push(row);
        })
      : (data: Uint8Array) => {
          head += decoder.decode(data, { stream: true });
        };
    file.ondata = (error, data, isLast) => {
      if (failure !== null) return;
      try {
        if (error) throw new HouseFileError({ code: 'damaged' });
        size += data.length;
        if (size > largestHouse) throw new HouseFileError({ code: 'too-large' });
        read(data, isLast);
        if (isLast) open.delete(file.name);
      } catch (problem) {
        failure = problem;
        file.terminate();
      }
    };
    file.start();
  });
  unzip.register(UnzipInflate);
  for (let from = 0; from < bytes.length; from += chunkSize) {
    const to = Math.min(bytes.length, from + chunkSize);
    try {
      unzip.push(bytes.subarray(from, to), to === bytes.length);
    } catch (error) {
      failure ??= error instanceof HouseFileError ? error : new HouseFileError({ code: 'damaged' });
    }
    if (failure !== null) throw failure as Error;
    progress(to / bytes.length);
  }
  if (open.size > 0) throw new HouseFileError({ code: 'cut-off' });
  if (!seen.has(headName)) throw new HouseFileError({ code: 'file-missing', file: headName });
  try {
    return { head: JSON.parse(head), rows };
  } catch {
    throw new HouseFileError({ code: 'not-json', file: headName });
  }
};
