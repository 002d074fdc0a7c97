import { houseFileProblemWords } from '@jubbet/core/words';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import type { Database } from './database';
import { houseStore } from './house';
import type { HouseFile } from './readHouse';

/** All data of a store, as the bytes of one file. */
export const writtenHouse = async (store: Database): Promise<Uint8Array> => {
  const { parts } = await houseStore(store).write();
  const bytes = new Uint8Array(parts.reduce((total, part) => total + part.length, 0));
  let at = 0;
  for (const part of parts) {
    bytes.set(part, at);
    at += part.length;
  }
  return bytes;
};

/** What a file holds, whatever its version; one that cannot be read fails the test. */
export const fileOfHouse = async (
  store: Database,
  bytes: Uint8Array | string,
): Promise<HouseFile> => {
  const read = await houseStore(store).read(
    typeof bytes === 'string' ? new TextEncoder().encode(bytes) : bytes,
  );
  if (!read.ok) throw new Error(houseFileProblemWords(read.problem));
  return read;
};

/** The JSON files of a house file, by name, for tests that change them. */
export const unzipped = (bytes: Uint8Array): Record<string, string> =>
  Object.fromEntries(
    Object.entries(unzipSync(bytes)).map(([name, data]) => [name, strFromU8(data)]),
  );

export const zipped = (texts: Readonly<Record<string, string>>): Uint8Array =>
  zipSync(Object.fromEntries(Object.entries(texts).map(([name, text]) => [name, strToU8(text)])), {
    level: 0,
  });

/** A house file with rows as someone else has changed them. */
export const withRows = (
  bytes: Uint8Array,
  change: (rows: Record<string, Record<string, unknown>[]>) => void,
): Uint8Array => {
  const texts = unzipped(bytes);
  const rows: Record<string, Record<string, unknown>[]> = {};
  for (const [name, text] of Object.entries(texts)) {
    if (name !== 'house.json') {
      rows[name.replace('.json', '')] = JSON.parse(text) as Record<string, unknown>[];
    }
  }
  change(rows);
  for (const [table, list] of Object.entries(rows)) {
    texts[`${table}.json`] = `[\n${list.map((row) => JSON.stringify(row)).join(',\n')}\n]\n`;
  }
  return zipped(texts);
};
