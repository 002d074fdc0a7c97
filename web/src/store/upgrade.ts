import { Dexie, type Transaction } from 'dexie';
import { liftedBy, liftHouse, liftRows, liftsOfAll, readFor, type AllLifts } from './liftHouse';
import { tables, type Table } from './records';
import type { Rows } from './records/recordKind';

const rowsOf = async (
  transaction: Transaction,
  names: Iterable<string>,
): Promise<Record<string, unknown[]>> => {
  const rows: Record<string, unknown[]> = {};
  for (const name of new Set(names)) rows[name] = await transaction.table<unknown>(name).toArray();
  return rows;
};

/** Before version 9 the way back was one record with all there was in it. */
interface Snapshot {
  id: string;
  at: string;
  why: string;
  house: Rows;
}

const keyOf = (table: Table, record: Record<string, unknown>): unknown =>
  table === 'benchEvents'
    ? [record['batchId'], record['seq']]
    : record[table === 'settings' ? 'key' : 'id'];

const snapshotAsRows = async (transaction: Transaction): Promise<void> => {
  const snapshots = await transaction.table<Snapshot>('snapshots').toArray();
  await transaction.table('snapshots').clear();
  for (const { at, why, house } of snapshots.filter(({ id }) => id === 'last')) {
    await transaction.table('snapshots').put({ id: 'last', at, why, whole: true });
    for (const table of tables) {
      const rows = (house[table] ?? []) as Record<string, unknown>[];
      await transaction
        .table('wayBack')
        .bulkAdd(rows.map((record) => ({ table, key: keyOf(table, record), record })));
    }
  }
};

/** What stood under a key before something large was done; null where nothing did. */
interface KeptRow {
  table: Table;
  record: unknown;
}

/** From version 10 on the way back is lifted row by row; what was not there stays so. */
const liftWayBack = async (
  transaction: Transaction,
  lifts: AllLifts,
  version: number,
): Promise<void> => {
  const kept = await transaction.table<KeptRow>('wayBack').toArray();
  const before: Record<string, unknown[]> = {};
  for (const { table, record } of kept) if (record !== null) (before[table] ??= []).push(record);
  const to = new Map(
    liftedBy(lifts, version).map((table) => [table, lifts[table][version]?.of(before)]),
  );
  await transaction
    .table<KeptRow>('wayBack')
    .toCollection()
    .modify((row) => {
      const lift = to.get(row.table);
      if (lift && row.record !== null) row.record = lift(row.record) ?? null;
    });
};

/** Lifts everything to a version of the store, within its own transaction. */
export const upgradeTo = async (transaction: Transaction, version: number): Promise<void> => {
  const lifts = await Dexie.waitFor(liftsOfAll());
  const lifted = liftedBy(lifts, version);
  const before = await rowsOf(
    transaction,
    lifted.flatMap((table) => readFor(lifts, table, version)),
  );
  for (const table of lifted) {
    const rows = liftRows(lifts, table, version, before);
    await transaction.table(table).clear();
    await transaction.table(table).bulkAdd([...rows]);
  }
  if (version > 9) await liftWayBack(transaction, lifts, version);
  else if (version > 3) {
    await transaction
      .table<Snapshot>('snapshots')
      .toCollection()
      .modify((snapshot) => {
        snapshot.house = liftHouse(lifts, snapshot.house, version);
      });
  }
  if (version === 9) await snapshotAsRows(transaction);
};
