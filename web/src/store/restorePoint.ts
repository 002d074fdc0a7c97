import type { Table as DexieTable } from 'dexie';
import type { Database, RestorePoint, RestoreRow } from './database';
import type { RestorePointBefore } from '@jubbet/core/words';
import { now } from './now';
import { tables, type Table } from './records';

// The restore point before something large: what was there, record by record.

/** How many records are read or written at a time. */
const partSize = 500;

export const chunked = function* <T>(list: readonly T[]): Generator<readonly T[]> {
  for (let from = 0; from < list.length; from += partSize) yield list.slice(from, from + partSize);
};

/** A table of any kind of record. */
export const tableOf = (store: Database, table: Table): DexieTable<unknown, unknown> =>
  store.table<unknown, unknown>(table);

/** Each row of a table, some at a time, in the order of its key. */
export const eachChunk = async (
  store: Database,
  table: Table,
  take: (rows: readonly unknown[], keys: readonly unknown[]) => Promise<void> | void,
): Promise<void> => {
  const keys = await tableOf(store, table).toCollection().primaryKeys();
  for (const part of chunked(keys)) {
    await take(await tableOf(store, table).bulkGet([...part]), part);
  }
};

const rowsOf = (
  table: Table,
  keys: readonly unknown[],
  records: readonly unknown[],
): Omit<RestoreRow, 'n'>[] =>
  keys.map((key, n) => ({
    table,
    key: key as RestoreRow['key'],
    record: records[n] ?? null,
  }));

/** Begins a restore point; the one before it is removed. */
export const beginRestorePoint = async (
  store: Database,
  before: RestorePointBefore,
  whole: boolean,
): Promise<void> => {
  await store.restoreRows.clear();
  await store.restorePoint.put({ id: 'last', at: now(), before, whole });
};

/** Saves all there is as the restore point. */
export const saveRestorePoint = async (
  store: Database,
  before: RestorePointBefore,
): Promise<void> => {
  await beginRestorePoint(store, before, true);
  for (const table of tables) {
    await eachChunk(store, table, async (rows, keys) => {
      await store.restoreRows.bulkAdd(rowsOf(table, keys, rows));
    });
  }
};

/** Adds the records under these keys, or that there are none, to the restore point. */
export const addToRestorePoint = async (
  store: Database,
  table: Table,
  keys: readonly unknown[],
): Promise<void> => {
  for (const part of chunked(keys)) {
    await store.restoreRows.bulkAdd(
      rowsOf(table, part, await tableOf(store, table).bulkGet([...part])),
    );
  }
};

/** Removes every record of every table. */
export const clearTables = async (store: Database): Promise<void> => {
  for (const table of tables) await tableOf(store, table).clear();
};

const putBack = async (store: Database, rows: readonly RestoreRow[]): Promise<void> => {
  for (const table of tables) {
    const mine = rows.filter((row) => row.table === table);
    const gone = mine.filter(({ record }) => record === null);
    await tableOf(store, table).bulkDelete(gone.map(({ key }) => key));
    const back = mine.filter(({ record }) => record !== null);
    await tableOf(store, table).bulkPut(back.map(({ record }) => record));
  }
};

/** Restores everything as it was; what is there now becomes the restore point. */
export const restoreLast = async (store: Database, { whole }: RestorePoint): Promise<void> => {
  const keys = await store.restoreRows.toCollection().primaryKeys();
  const rows: RestoreRow[] = [];
  for (const part of chunked(keys)) {
    for (const row of await store.restoreRows.bulkGet([...part])) if (row) rows.push(row);
  }
  const before = 'restoring';
  if (whole) {
    await saveRestorePoint(store, before);
    await clearTables(store);
  } else {
    await beginRestorePoint(store, before, false);
    for (const table of tables) {
      const touched = rows.filter((row) => row.table === table).map(({ key }) => key);
      await addToRestorePoint(store, table, touched);
    }
  }
  await putBack(store, rows);
};
