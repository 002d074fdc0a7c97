import type { Table as DexieTable } from 'dexie';
import type { Database, WayBack, WayBackRow } from './database';
import { now } from './now';
import { tables, type Table } from './records';

// The way back from something large: what was there before, record by record.

/** So many records are read or written at a time. */
const atOnce = 500;

export const inParts = function* <T>(list: readonly T[]): Generator<readonly T[]> {
  for (let from = 0; from < list.length; from += atOnce) yield list.slice(from, from + atOnce);
};

/** A table of any kind of record. */
export const tableOf = (store: Database, table: Table): DexieTable<unknown, unknown> =>
  store.table<unknown, unknown>(table);

/** Each row of a table, some at a time, in the order of its key. */
export const eachPart = async (
  store: Database,
  table: Table,
  take: (rows: readonly unknown[], keys: readonly unknown[]) => Promise<void> | void,
): Promise<void> => {
  const keys = await tableOf(store, table).toCollection().primaryKeys();
  for (const part of inParts(keys)) {
    await take(await tableOf(store, table).bulkGet([...part]), part);
  }
};

const rowsOf = (
  table: Table,
  keys: readonly unknown[],
  records: readonly unknown[],
): Omit<WayBackRow, 'n'>[] =>
  keys.map((key, n) => ({
    table,
    key: key as WayBackRow['key'],
    record: records[n] ?? null,
  }));

/** Begins a way back; the one before it is gone. */
export const beginWayBack = async (store: Database, why: string, whole: boolean): Promise<void> => {
  await store.wayBack.clear();
  await store.snapshots.put({ id: 'last', at: now(), why, whole });
};

/** Lays a way back to all there is. */
export const layWayBack = async (store: Database, why: string): Promise<void> => {
  await beginWayBack(store, why, true);
  for (const table of tables) {
    await eachPart(store, table, async (rows, keys) => {
      await store.wayBack.bulkAdd(rowsOf(table, keys, rows));
    });
  }
};

/** Keeps what stands under these keys, or that nothing does. */
export const keepForWayBack = async (
  store: Database,
  table: Table,
  keys: readonly unknown[],
): Promise<void> => {
  for (const part of inParts(keys)) {
    await store.wayBack.bulkAdd(
      rowsOf(table, part, await tableOf(store, table).bulkGet([...part])),
    );
  }
};

/** Takes every record of every table out. */
export const clearTables = async (store: Database): Promise<void> => {
  for (const table of tables) await tableOf(store, table).clear();
};

const putBack = async (store: Database, rows: readonly WayBackRow[]): Promise<void> => {
  for (const table of tables) {
    const mine = rows.filter((row) => row.table === table);
    const gone = mine.filter(({ record }) => record === null);
    await tableOf(store, table).bulkDelete(gone.map(({ key }) => key));
    const back = mine.filter(({ record }) => record !== null);
    await tableOf(store, table).bulkPut(back.map(({ record }) => record));
  }
};

/** Puts everything back as it was; what is there now becomes the way back. */
export const walkBack = async (store: Database, { whole }: WayBack): Promise<void> => {
  const keys = await store.wayBack.toCollection().primaryKeys();
  const rows: WayBackRow[] = [];
  for (const part of inParts(keys)) {
    for (const row of await store.wayBack.bulkGet([...part])) if (row) rows.push(row);
  }
  const why = 'before going back';
  if (whole) {
    await layWayBack(store, why);
    await clearTables(store);
  } else {
    await beginWayBack(store, why, false);
    for (const table of tables) {
      const touched = rows.filter((row) => row.table === table).map(({ key }) => key);
      await keepForWayBack(store, table, touched);
    }
  }
  await putBack(store, rows);
};
