import { Dexie, type EntityTable, type Table as DexieTable } from 'dexie';
import { kindOf, tables, type House, type Table } from './records';
import type { EventRecord } from './records/benchEvents';

export type { House } from './records';
export type { BatchRecord } from './records/batches';
export type { BlendRecord } from './records/blends';
export type { BottleRecord } from './records/bottles';
export type { ContainerRecord } from './records/vessels';
export type { DraftRecord } from './records/drafts';
export type { EventRecord } from './records/benchEvents';
export type { MaterialRecord } from './records/materials';
export type { MovementRecord } from './records/movements';
export type { PatchTestRecord } from './records/patchTests';
export type { PersonRecord } from './records/people';
export type { PhotoRecord } from './records/photos';
export type { RecipientRecord } from './records/recipients';

/** When something large was done, and why: the head of the way back. */
export interface WayBack {
  id: 'last';
  at: string;
  why: string;
  /** All there was stands in the rows, or only what was touched. */
  whole: boolean;
}

/** One record as it was before something large was done; null where it was not there. */
export interface WayBackRow {
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
  snapshots: EntityTable<WayBack, 'id'>;
  wayBack: EntityTable<WayBackRow, 'n'>;
};

/** The version of the store: each change of form is one of its own, and tested on the older form. */
const storeVersion = 13;

/** The tables of a version, each with its indexes of today; null for one that goes with it. */
const storesOf = (version: number): Record<string, string | null> => ({
  ...Object.fromEntries(
    tables.flatMap((table): [string, string | null][] => {
      const { since, was, indexes } = kindOf(table);
      if (since > version) return [];
      if (!was || version >= was.before) {
        return [
          [table, indexes],
          ...(was && version === was.before ? [[was.table, null] as [string, null]] : []),
        ];
      }
      return [[was.table, '++seq, batchId']];
    }),
  ),
  ...(version >= 3 ? { snapshots: 'id' } : {}),
  ...(version >= 9 ? { wayBack: '++n' } : {}),
});

/** Opens the store. Older forms are lifted, version by version, as each kind of record says. */
export const openDatabase = (name = 'jubbet'): Database => {
  // Strict: a drop that the screen shows is on the disk, not only on its way there.
  const db = new Dexie(name, { chromeTransactionDurability: 'strict' }) as Database;
  for (let version = 1; version <= storeVersion; version += 1) {
    db.version(version)
      .stores(storesOf(version))
      .upgrade(async (transaction) => {
        // Fetched when there is something to lift; the transaction waits for it.
        const { upgradeTo } = await Dexie.waitFor(import('./upgrade'));
        await upgradeTo(transaction, version);
      });
  }
  return db;
};

/**
 * Data of a newer Jubbet are not opened: what this one does not know of them it would lose.
 *
 * @throws VersionError where they are
 */
export const refuseNewer = async (name = 'jubbet'): Promise<void> => {
  // Where a browser cannot say, opening must do.
  const all = 'databases' in indexedDB ? await indexedDB.databases() : [];
  // The versions of the browser are ten times those of the store.
  const found = all.find((one) => one.name === name)?.version ?? 0;
  if (Math.floor(found / 10) > storeVersion) {
    throw new Dexie.VersionError('the store is from a newer version');
  }
};

export const db = openDatabase();
