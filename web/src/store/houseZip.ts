import { Inflate, strToU8, Zip, ZipDeflate } from 'fflate';
import { z } from 'zod';
import { crcEnd, crcOf, crcStart } from './checksum';
import { HouseFileError } from './houseFileError';
import { firstVersion, storeVersion } from './migrate';
import { moment } from './records/fields';
import type { Table } from './records';
import type { Rows } from './records/recordKind';
import { entriesOf, packedOf, type ZipEntry } from './zipEntries';

// The house file: a zip with one JSON file for each kind of record, one record a line, and what the
// whole is of in `house.json`.

/** House files have the form of a version of the store, and a number that is four lower. */
export const storeVersionOf = (version: number): number => version + 4;
/** The oldest version of house files that is read. */
export const oldestFileVersion = firstVersion - 4;
/** The version of house files that is written. */
export const fileVersion = storeVersion - 4;

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
  /** Tables of which something is damaged: nothing of them can be trusted. */
  readonly damaged: readonly string[];
}

/** So much of a file is unpacked at a time, in bytes. */
const chunkSize = 1 << 16;

/** Unpacks one file of the zip: false where its checksum or its size is not what was written. */
const unpackEntry = (
  bytes: Uint8Array,
  entry: ZipEntry,
  read: (data: Uint8Array, isLast: boolean) => void,
  progress: (packed: number) => void,
): boolean => {
  let size = 0;
  let sum = crcStart;
  let problem: unknown = null;
  const take = (data: Uint8Array, isLast: boolean): void => {
    size += data.length;
    if (size > entry.size) throw new Error('more than was written');
    sum = crcOf(data, sum);
    if (problem !== null) return;
    try {
      read(data, isLast);
    } catch (error) {
      // Whether it was written so or is damaged, the checksum tells.
      problem = error;
    }
  };
  try {
    const packed = packedOf(bytes, entry);
    if (entry.isStored) take(packed, true);
    else {
      const inflate = new Inflate(take);
      for (let from = 0; from < packed.length; from += chunkSize) {
        const to = Math.min(packed.length, from + chunkSize);
        inflate.push(packed.subarray(from, to), to === packed.length);
        progress(to);
      }
    }
  } catch {
    return false;
  }
  if (size !== entry.size || crcEnd(sum) !== entry.sum) return false;
  if (problem !== null) throw problem as Error;
  return true;
};

/**
 * Unpacks a house file. Files in it that are neither its head nor a table are ignored; a table that
 * is damaged is named, and the others are read.
 *
 * @param tableNames the names of tables in any version that is read
 * @throws HouseFileError where its head is damaged, it is cut off, or larger than any house
 */
export const unpackHouse = (
  bytes: Uint8Array,
  tableNames: ReadonlySet<string>,
  progress: Progress = () => undefined,
): Unpacked => {
  const rows: Record<string, unknown[]> = {};
  const damaged: string[] = [];
  let head: string | null = null;
  let count = 0;
  let done = 0;
  for (const entry of entriesOf(bytes)) {
    const { name } = entry;
    const table = name.replace(/\.json$/, '');
    const isTable = tableNames.has(table) && name === fileNameOf(table);
    if (!isTable && name !== headName) continue;
    const tableRows: unknown[] = [];
    const decoder = new TextDecoder();
    let text = '';
    const read = isTable
      ? lineReader(name, (row) => {
          count += 1;
          if (count > mostRecords) throw new HouseFileError({ code: 'too-many-records' });
          tableRows.push(row);
        })
      : (data: Uint8Array) => {
          text += decoder.decode(data, { stream: true });
        };
    const isWhole = unpackEntry(bytes, entry, read, (packed) =>
      progress((done + packed) / bytes.length),
    );
    done += entry.packedSize;
    if (isTable && isWhole) rows[table] = tableRows;
    else if (isTable) damaged.push(table);
    else if (isWhole) head = text;
    else throw new HouseFileError({ code: 'damaged' });
  }
  if (head === null) throw new HouseFileError({ code: 'file-missing', file: headName });
  try {
    return { head: JSON.parse(head), rows, damaged };
  } catch {
    throw new HouseFileError({ code: 'not-json', file: headName });
  }
};
