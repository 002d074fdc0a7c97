import { Dexie, type EntityTable, type Table as DexieTable } from 'dexie';
import { firstVersion, storeVersion, tableNameIn } from './migrate';
import { kindOf, tables, type House, type Table } from './records';
import type { RestorePointBefore } from '@jubbet/core/words';
import type { EventRecord } from './records/benchEvents';

export type { House } from './records';
export type { BatchRecord } from './records/batches';
export type { BlendRecord } from './records/blends';
export type { BottleRecord } from './records/bottles';
export type { ContainerRecord } from './records/containers';
export type { DraftRecord } from './records/drafts';
export type { EventRecord } from './records/benchEvents';
export type { MaterialRecord } from './records/materials';
export type { MovementRecord } from './records/movements';
export type { PatchTestRecord } from './records/patchTests';
export type { PersonRecord } from './records/people';
export type { PhotoRecord } from './records/photos';
export type { PlanRecord } from './records/plans';
export type { RecipientRecord } from './records/recipients';

/** The restore point: when it was made, and before what. */
export interface RestorePoint {
  id: 'last';
  at: string;
  before: RestorePointBefore;
  /** True where the rows are all records there were; false where only those that were touched. */
  whole: boolean;
}

/** One record as it was at the restore point; null where it did not exist. */
export interface RestoreRow {
  n: number;
  table: Table;
  key: string | [string, number];
  record: unknown;
}

export type Database = Dexie & {
  [T in Exclude<Table, 'benchEvents' | 'settings'>]: EntityTable<House[T][number], 'id'>;
} & {
  benchEvents: DexieTable<EventRecord, [string, number]>;
  settings: EntityTable<House['settings'][number], 'key'>;
  restorePoint: EntityTable<RestorePoint, 'id'>;
  restoreRows: EntityTable<RestoreRow, 'n'>;
};

/** The store holds a form from before the first release. Nothing of it is changed. */
export class OlderStoreError extends Error {
  override readonly name = 'OlderStoreError';
}

/** The tables of a version with their indexes; null for a table that this version removes. */
const storesOf = (version: number): Record<string, string | null> => {
  const stores: Record<string, string | null> = {};
  for (const table of tables) {
    const { since = firstVersion, was, indexes } = kindOf(table);
    if (since > version) continue;
    stores[tableNameIn(table, version)] = indexes;
    if (was?.before === version) stores[was.table] = null;
  }
  const restore = { point: 'id', rows: '++n' };
  return version < 14
    ? { ...stores, snapshots: restore.point, wayBack: restore.rows }
    : {
        ...stores,
        restorePoint: restore.point,
        restoreRows: restore.rows,
        ...(version === 14 ? { snapshots: null, wayBack: null } : {}),
      };
};

/** Opens the store and migrates older forms, version by version, as each kind of record says. */
export const openDatabase = (name = 'jubbet'): Database => {
  // Strict: a drop that the screen shows is on the disk, not only on its way there.
  const db = new Dexie(name, { chromeTransactionDurability: 'strict' }) as Database;
  // Where the browser can't list its databases, a store that is too old is met here.
  db.version(firstVersion)
    .stores(storesOf(firstVersion))
    .upgrade(() => {
      throw new OlderStoreError();
    });
  for (let version = firstVersion + 1; version <= storeVersion; version += 1) {
    db.version(version)
      .stores(storesOf(version))
      .upgrade(async (transaction) => {
        // Loaded when there is something to migrate; the transaction waits for it.
        const { upgradeTo } = await Dexie.waitFor(import('./upgrade'));
        await upgradeTo(transaction, version);
      });
  }
  return db;
};

/**
 * Refuses a store that this version cannot open: of a newer one it would lose what it does not know,
 * and forms from before the first release are not migrated.
 *
 * @throws VersionError where the store is from a newer version
 * @throws OlderStoreError where it is from before the first release
 */
export const refuseOtherVersions = async (name = 'jubbet'): Promise<void> => {
  // Where a browser cannot list its databases, opening finds out.
  const all =
    typeof indexedDB === 'object' && 'databases' in indexedDB ? await indexedDB.databases() : [];
  // IndexedDB numbers are ten times those of Dexie.
  const found = all.find((database) => database.name === name)?.version;
  if (found === undefined) return;
  if (Math.floor(found / 10) > storeVersion) {
    throw new Dexie.VersionError('the store is from a newer version');
  }
  if (Math.floor(found / 10) < firstVersion) throw new OlderStoreError();
};

export const db = openDatabase();
