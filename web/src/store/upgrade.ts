import type { RestorePointBefore } from '@jubbet/core/words';
import type { Transaction } from 'dexie';
import { migratedBy, migrateRows, migratorOf, readFor, tableNameIn } from './migrate';
import { tables, type Table } from './records';

const readTables = async (
  transaction: Transaction,
  names: Iterable<string>,
): Promise<Record<string, unknown[]>> => {
  const rows: Record<string, unknown[]> = {};
  for (const name of new Set(names)) rows[name] = await transaction.table<unknown>(name).toArray();
  return rows;
};

interface RestoreRow {
  readonly table: string;
  readonly record: unknown;
}

/** A restore point is migrated row by row; a row that says that nothing was there stays so. */
const migrateRestorePoint = async (transaction: Transaction, version: number): Promise<void> => {
  const rows = await transaction.table<RestoreRow>('restoreRows').toArray();
  const before: Record<string, unknown[]> = {};
  for (const { table, record } of rows) if (record !== null) (before[table] ??= []).push(record);
  const kinds = new Map(tables.map((table) => [tableNameIn(table, version - 1), table]));
  const migrated = (row: RestoreRow): RestoreRow => {
    const table: Table | undefined = kinds.get(row.table);
    if (table === undefined) return row;
    const record =
      row.record === null ? null : (migratorOf(table, version, before)(row.record) ?? null);
    return { ...row, table: tableNameIn(table, version), record };
  };
  await transaction.table('restoreRows').bulkPut(rows.map(migrated));
};

/** Before version 14 a restore point said in a sentence before what it was made. */
const sentencesOf13: Readonly<Record<string, RestorePointBefore>> = {
  'before a file was read in': 'import',
  'before the example house was taken out': 'removing-example',
  'before all was cleared': 'clearing',
};

/** Before version 14 the tables of the restore point had other names. */
const renameRestoreTables = async (transaction: Transaction): Promise<void> => {
  const points = await transaction.table<{ why: string }>('snapshots').toArray();
  await transaction
    .table('restorePoint')
    .bulkAdd(
      points.map(({ why, ...point }) => ({ ...point, before: sentencesOf13[why] ?? 'restoring' })),
    );
  await transaction.table('restoreRows').bulkAdd(await transaction.table('wayBack').toArray());
};

/** Brings everything to a version of the store, within the transaction of its upgrade. */
export const upgradeTo = async (transaction: Transaction, version: number): Promise<void> => {
  const migrated = migratedBy(version);
  const before = await readTables(
    transaction,
    migrated.flatMap((table) => readFor(table, version)),
  );
  for (const table of migrated) {
    await transaction.table(table).clear();
    await transaction.table(table).bulkAdd([...migrateRows(table, version, before)]);
  }
  if (version === 14) await renameRestoreTables(transaction);
  await migrateRestorePoint(transaction, version);
};
