import { clearLog } from './batchLog';
import { inForce } from '@jubbet/core/stock';
import type { BatchRecord, Database, House, MovementRecord } from './database';
import { movementOf } from './ledger';
import { sharedHistory, thisHouse, type SharedHistory } from './exchangeHistory';
import type { Progress } from './houseZip';
import { mergeOutcome, type Changed, type MergeOutcome } from './merge';
import { unusedNumber } from './distinctNumbers';
import type { HouseFile } from './readHouse';
import { kindOf, type Table } from './records';
import { chunked, addToRestorePoint, tableOf } from './restorePoint';
import { byIndex } from './byIndex';
import { newId } from './newId';

// A file is added to what is here: what is new comes in, the newer of two stays, and of what was
// changed in both houses both are kept.

/** Kinds of record that are met one by one. Events come with their batch; settings stay. */
export const mergedTables = [
  'materials',
  'blends',
  'people',
  'bottles',
  'containers',
  'batches',
  'drafts',
  'movements',
  'recipients',
  'patchTests',
  'photos',
  'plans',
] as const;
type MergedTable = (typeof mergedTables)[number];

export type Row = Changed & { readonly id: string };

/** A record of a file, what becomes of it, and as what it is written. */
interface MergedRow {
  readonly theirs: Row;
  readonly outcome: MergeOutcome | 'new';
}

/** What became of the records of a file that were changed in both houses, by their names. */
export interface ImportConflicts {
  /** Both are kept. */
  readonly both: readonly string[];
  /** Only one can be there: the newer was taken. */
  readonly newest: readonly string[];
}

/** What becomes of each record of one kind, beside what is here. */
export const mergeOutcomes = async (
  store: Database,
  table: MergedTable,
  rows: readonly Row[],
  { met: since, settled }: SharedHistory,
): Promise<MergedRow[]> => {
  const found: MergedRow[] = [];
  for (const part of chunked(rows)) {
    const here = await tableOf(store, table).bulkGet(part.map(({ id }) => id));
    part.forEach((theirs, n) => {
      const ours = here[n] as Row | undefined;
      found.push({ theirs, outcome: ours ? mergeOutcome(ours, theirs, since, settled) : 'new' });
    });
  }
  return found;
};

const named = (table: Table, row: unknown): string => {
  const { word, nameOf } = kindOf(table);
  const name = nameOf(row as Record<string, unknown>);
  return `${word} “${typeof name === 'string' && name !== '' ? name : 'without a name'}”`;
};

/** Records as they are written: what is beside another gets an id of its own. */
const rowsToWrite = (
  table: MergedTable,
  list: readonly MergedRow[],
  conflicts: { both: string[]; newest: string[] },
): { readonly theirs: Row; readonly as: Row }[] => {
  const { conflictCopy } = kindOf(table);
  return list.flatMap(({ theirs, outcome: meeting }) => {
    if (meeting === 'same' || meeting === 'ours') return [];
    if (meeting !== 'both') return [{ theirs, as: theirs }];
    (conflictCopy ? conflicts.both : conflicts.newest).push(named(table, theirs));
    const as = conflictCopy ? (conflictCopy(theirs, newId()) as Row) : theirs;
    return [{ theirs, as }];
  });
};

/** A blend that takes the place of another counts on from it, so that open sheets can tell. */
const withNextRevision = async (
  store: Database,
  blends: readonly House['blends'][number][],
): Promise<House['blends']> => {
  const here = await store.blends.bulkGet(blends.map(({ id }) => id));
  return blends.map((blend, n) => ({ ...blend, revision: (here[n]?.revision ?? 0) + 1 }));
};

/** Batches of which the numbers are on no other label. */
const withUnusedNumbers = async (
  store: Database,
  batches: readonly BatchRecord[],
): Promise<BatchRecord[]> => {
  const owners = new Map<string, string>();
  const [numbers, ids] = await Promise.all([
    byIndex(store.batches, 'number').keys(),
    byIndex(store.batches, 'number').primaryKeys(),
  ]);
  numbers.forEach((number, n) => owners.set(number as string, ids[n] ?? ''));
  return batches.map((batch) => {
    const isOurs = owners.get(batch.number) === batch.id;
    const number = isOurs ? batch.number : unusedNumber(batch.number, owners);
    owners.set(number, batch.id);
    return { ...batch, number };
  });
};

const asStored = async (
  store: Database,
  table: MergedTable,
  rows: readonly Row[],
): Promise<readonly Row[]> => {
  if (table === 'blends') return withNextRevision(store, rows as unknown as House['blends']);
  if (table === 'batches') return withUnusedNumbers(store, rows as unknown as BatchRecord[]);
  return rows;
};

/** The batch that a movement is of, as a line of it or as what undoes one; null for any other. */
const batchOfMovement = (
  { movement }: MovementRecord,
  byId: ReadonlyMap<string, MovementRecord>,
): string | null => {
  let current: MovementRecord['movement'] | undefined = movement;
  // A chain of undoings is never longer than all there are.
  for (let n = 0; n <= byId.size && current?.kind === 'undone'; n += 1) {
    current = byId.get(current.undoes)?.movement;
  }
  return current?.kind === 'used' ? current.batchId : null;
};

/**
 * Movements of a file that come in: what a batch took comes from the house whose batch it is, so
 * that no bottle is used twice for it.
 */
const movementsToAdd = async (
  store: Database,
  theirs: House['movements'],
  outcomes: ReadonlyMap<string, MergedRow['outcome']>,
): Promise<House['movements']> => {
  const ours = await store.movements.toArray();
  const byId = new Map([...theirs, ...ours].map((entry) => [entry.id, entry]));
  const here = new Set(ours.map(({ id }) => id));
  const takenHere = new Set(
    ours.flatMap(({ movement }) => (movement.kind === 'used' ? [movement.batchId] : [])),
  );
  return theirs.filter((entry) => {
    if (here.has(entry.id)) return true;
    const batchId = batchOfMovement(entry, byId);
    if (batchId === null || !takenHere.has(batchId)) return true;
    const outcome = outcomes.get(batchId);
    return outcome === undefined || outcome === 'new' || outcome === 'theirs';
  });
};

/** Where a batch of the file took the place of ours, what ours alone had taken goes back. */
const giveBackOurs = async (
  store: Database,
  theirs: House['movements'],
  outcomes: ReadonlyMap<string, MergedRow['outcome']>,
): Promise<void> => {
  const inFile = new Set(theirs.map(({ id }) => id));
  for (const [batchId, outcome] of outcomes) {
    if (outcome !== 'theirs') continue;
    const used = await store.movements.where('movement.batchId').equals(batchId).toArray();
    const bottleIds = [...new Set(used.map(({ bottleId }) => bottleId))];
    const all = await store.movements.where('bottleId').anyOf(bottleIds).toArray();
    const back = inForce(all)
      .filter(({ id, movement }) => {
        const isOfIt = movement.kind === 'used' && movement.batchId === batchId;
        return isOfIt && !inFile.has(id);
      })
      .map(({ id, bottleId }) => movementOf(bottleId, { kind: 'undone', undoes: id }));
    await put(
      store,
      'movements',
      back,
      back.map(({ id }) => id),
    );
  }
};

const put = async (store: Database, table: Table, rows: readonly unknown[], keys: unknown[]) => {
  await addToRestorePoint(store, table, keys);
  await tableOf(store, table).bulkPut([...rows]);
};

/** The log of a batch on the bench comes with it, in place of what was there under its id. */
const addLogs = async (
  store: Database,
  events: House['benchEvents'],
  ids: ReadonlyMap<string, string>,
): Promise<void> => {
  for (const id of ids.values()) {
    const before = await store.benchEvents
      .where('[batchId+seq]')
      .between([id], [id, []])
      .primaryKeys();
    await addToRestorePoint(store, 'benchEvents', before);
    await clearLog(store, id);
  }
  const theirs = events.flatMap((event) => {
    const batchId = ids.get(event.batchId);
    return batchId === undefined ? [] : [{ ...event, batchId }];
  });
  for (const part of chunked(theirs)) {
    const keys = part.map(({ batchId, seq }): [string, number] => [batchId, seq]);
    const before = await store.benchEvents.bulkGet(keys);
    // What was there is in the restore point already.
    const isNew = (_: unknown, n: number): boolean => before[n] === undefined;
    await addToRestorePoint(store, 'benchEvents', keys.filter(isNew));
    await store.benchEvents.bulkPut([...part]);
  }
};

/** Adds a file to what is here. Within a transaction, after a restore point was begun. */
export const addHouse = async (
  store: Database,
  { house, from }: Pick<HouseFile, 'house'> & { readonly from: HouseFile['from'] | null },
  progress: Progress,
): Promise<ImportConflicts> => {
  const known = sharedHistory(await thisHouse(store), from);
  const replaced = { both: [] as string[], newest: [] as string[] };
  const all = mergedTables.reduce((total, table) => total + house[table].length, 0);
  const logs = new Map<string, string>();
  const outcomes = new Map<string, MergedRow['outcome']>();
  let done = 0;
  for (const table of mergedTables) {
    const rows: readonly Row[] =
      table === 'movements' ? await movementsToAdd(store, house.movements, outcomes) : house[table];
    const merged = await mergeOutcomes(store, table, rows, known);
    const written = rowsToWrite(table, merged, replaced);
    if (table === 'batches') {
      merged.forEach(({ theirs, outcome }) => outcomes.set(theirs.id, outcome));
      written.forEach(({ theirs, as }) => logs.set(theirs.id, as.id));
    }
    const stored = await asStored(
      store,
      table,
      written.map(({ as }) => as),
    );
    for (const part of chunked(stored)) {
      await put(
        store,
        table,
        part,
        part.map(({ id }) => id),
      );
      progress((done + part.length) / all);
    }
    done += house[table].length;
  }
  await giveBackOurs(store, house.movements, outcomes);
  await addLogs(store, house.benchEvents, logs);
  return replaced;
};
