import { strToU8, Unzip, UnzipInflate, Zip, ZipDeflate } from 'fflate';
import { z } from 'zod';
import { moment } from './records/fields';
import { tables, type Table } from './records';

// The house file: a zip with one JSON file for each kind of record, one record a line, and what the
// whole is of in `house.json`.

/**
 * Versions 1 to 4 were one JSON text. Version 1 had no containers, and bottles in ml only; 2 had
 * batches that carried nothing; blends of 3 held drafts; events of 4 stood in one table; blends of 5
 * had no tags; benches of 6 had no weights, clocks, temperatures, order and smelling; houses of 8
 * had no photographs.
 */
export const fileVersion = 9;

/** From this version on it is a zip. */
const firstZip = 5;

/** Larger than this, in bytes, no house is once it is unpacked. */
export const largestHouse = 1_500_000_000;
/** Longer than this, in characters, no record is. */
const longestRecord = 20_000_000;
/** More than this no house holds. */
const mostRecords = 3_000_000;

export const headSchema = z.strictObject({
  format: z.literal('jubbet-house'),
  version: z.number().int().min(firstZip).max(fileVersion),
  savedAt: moment,
  /** The house from which it was saved, and what it had read of others, by house. */
  from: z.strictObject({
    house: z.string().min(1).max(100),
    readFrom: z.record(z.string().max(100), moment),
  }),
});
export type Head = z.infer<typeof headSchema>;

/** What goes wrong with a zip, in a sentence. */
export class HouseFileError extends Error {}

const headName = 'house.json';
const nameOf = (table: Table): string => `${table}.json`;

/** Told how far it is, from 0 to 1; may throw to stop it. */
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
      const entry = file(nameOf(table));
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
      throw new HouseFileError(`${name} is not JSON, or it is cut off.`);
    }
  };
  return (bytes: Uint8Array, isLast: boolean): void => {
    let text: string;
    try {
      text = rest + decoder.decode(bytes, { stream: !isLast });
    } catch {
      throw new HouseFileError(`${name} is not text.`);
    }
    const lines = text.split('\n');
    rest = lines.pop() ?? '';
    if (rest.length > longestRecord) {
      throw new HouseFileError(`A line of ${name} is longer than any record.`);
    }
    lines.forEach((one) => line(one.trim()));
    if (isLast) line(rest.trim());
  };
};

/** All that a zip holds, by kind of record, in the form in which it was written. */
export interface Unpacked {
  readonly head: unknown;
  readonly rows: Readonly<Record<Table, readonly unknown[]>>;
}

const chunkSize = 1 << 18;

/**
 * Unpacks a house. What is in it that no house has, as photographs of a later version, is passed
 * over.
 *
 * @throws HouseFileError where it is cut off, no house file, or larger than any house
 */
export const unpackHouse = (bytes: Uint8Array, progress: Progress = () => undefined): Unpacked => {
  const rows = Object.fromEntries(tables.map((table) => [table, []])) as unknown as Record<
    Table,
    unknown[]
  >;
  let head = '';
  let size = 0;
  let count = 0;
  let failure: unknown = null;
  const open = new Set<string>();
  const seen = new Set<string>();
  const unzip = new Unzip((file) => {
    const table = tables.find((one) => nameOf(one) === file.name);
    if (table === undefined && file.name !== headName) return;
    if (seen.has(file.name)) throw new HouseFileError(`${file.name} stands twice in it.`);
    seen.add(file.name);
    open.add(file.name);
    const decoder = new TextDecoder();
    const read = table
      ? lineReader(file.name, (row) => {
          count += 1;
          if (count > mostRecords) throw new HouseFileError('It holds more than any house.');
          rows[table].push(row);
        })
      : (data: Uint8Array) => {
          head += decoder.decode(data, { stream: true });
        };
    file.ondata = (error, data, isLast) => {
      if (failure !== null) return;
      try {
        if (error) throw new HouseFileError(`${file.name} is damaged (${error.message}).`);
        size += data.length;
        if (size > largestHouse) throw new HouseFileError('It is larger than any house.');
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
      failure ??=
        error instanceof HouseFileError ? error : new HouseFileError('It is damaged or cut off.');
    }
    if (failure !== null) throw failure as Error;
    progress(to / bytes.length);
  }
  if (open.size > 0) throw new HouseFileError('It is cut off.');
  const missing = [headName, ...tables.map(nameOf)].find((name) => !seen.has(name));
  if (missing !== undefined) throw new HouseFileError(`${missing} is missing in it.`);
  try {
    return { head: JSON.parse(head), rows };
  } catch {
    throw new HouseFileError(`${headName} is not JSON.`);
  }
};
