import { addHouse, mergedTables, mergeOutcomes, type ImportConflicts } from './addHouse';
import {
  db,
  type BatchRecord,
  type Database,
  type House,
  type PhotoRecord,
  type RestorePoint,
} from './database';
import { sharedHistory, rememberExchange, thisHouse } from './exchangeHistory';
import { fileVersion, packHouse, type Progress } from './houseZip';
import { now } from './now';
import { leftOutOf, formProblemOf, readHouse, type HouseFile, type LeftOut } from './readHouse';
import { formsOfAll, kindOf, tables } from './records';
import { isSerialKey } from './settingOfFile';
import {
  beginRestorePoint,
  clearTables,
  eachChunk,
  chunked,
  saveRestorePoint,
  tableOf,
  restoreLast,
} from './restorePoint';
import { withoutExample } from './withoutExample';

/** How the data of a file get in. */
export type ImportMode = 'replace' | 'add';

/** What would be written, before anything is. */
export interface Summary {
  readonly blends: number;
  readonly batches: number;
  readonly people: number;
  /** In the file and in the house: left as they are where data are added. */
  readonly known: number;
  /** Newer in the file: they take the place of what is here where data are added. */
  readonly newer: number;
  /** Changed here and in the file: both are kept where data are added. */
  readonly both: number;
  /** In the house and not in the file: gone where data are replaced. */
  readonly gone: number;
  /** Photographs that are here and not in the file. */
  readonly onlyHere: Photographs;
  /** Records of any kind that adding would bring in. */
  readonly changes: number;
}

/** How many photographs, and how large together, in bytes. */
export interface Photographs {
  readonly count: number;
  readonly bytes: number;
}

/** Counts photographs one at a time: of Base64 three quarters are the picture. */
const counted = async (
  store: Database,
  isMeant: (record: PhotoRecord) => boolean,
): Promise<Photographs> => {
  let count = 0;
  let bytes = 0;
  await store.photos.each((record) => {
    if (record.deletedAt !== null || !isMeant(record)) return;
    count += 1;
    bytes += Math.round(0.75 * record.photo.jpeg.length);
  });
  return { count, bytes };
};

/** All data as one file, in pieces; and what of it could not be read again. */
export interface Written {
  readonly parts: readonly Uint8Array<ArrayBuffer>[];
  readonly unreadable: readonly LeftOut[];
}

const none: Progress = () => undefined;

/** Of two sets of settings the second, with what is of this browser, and the higher serials. */
const settingsOver = (before: House['settings'], after: House['settings']): House['settings'] => {
  const leaves = kindOf('settings').leaves ?? (() => true);
  const staying = before.filter((entry) => {
    if (!leaves(entry)) return true;
    const next = after.find(({ key }) => key === entry.key)?.value;
    return isSerialKey(entry.key) && (typeof next !== 'number' || Number(entry.value) > next);
  });
  const keys = new Set(staying.map(({ key }) => key));
  return [...after.filter((entry) => leaves(entry) && !keys.has(entry.key)), ...staying];
};

/** Puts a house in place of all there is, settings by what they are over those of before. */
const replaceAll = async (store: Database, house: House, progress = none): Promise<void> => {
  const settings = settingsOver(await store.settings.toArray(), house.settings);
  await clearTables(store);
  const all = tables.reduce((total, table) => total + house[table].length, 0);
  let done = 0;
  for (const table of tables) {
    for (const part of chunked<unknown>(table === 'settings' ? settings : house[table])) {
      await tableOf(store, table).bulkAdd([...part]);
      done += part.length;
      progress(done / Math.max(1, all));
    }
  }
};

/** From now on what is here is the maker's own, and not the example. */
const isTheirOwn = (store: Database): Promise<unknown> =>
  store.settings.bulkPut([
    { key: 'seeded', value: true },
    { key: 'welcomed', value: true },
    { key: 'exampleHere', value: false },
  ]);

const readAll = async (store: Database): Promise<House> =>
  Object.fromEntries(
    await Promise.all(
      tables.map(async (table) => [table, await tableOf(store, table).toArray()] as const),
    ),
  ) as unknown as House;

const empty = Object.fromEntries(tables.map((table) => [table, []])) as unknown as House;

/** What a file says came of a batch is not believed: it is judged here first, with `batches.mend`. */
const unjudged = (given: House): House => ({
  ...given,
  batches: given.batches.map(({ madeInFile, ...batch }): BatchRecord => {
    const said = batch.made ?? madeInFile;
    return { ...batch, made: null, ...(said ? { madeInFile: said } : {}) };
  }),
});

/** Photographs that are not in a file, of what is in it. */
const withSubjects = (photographs: readonly PhotoRecord[], house: House): PhotoRecord[] => {
  const subjects = new Set(
    [...house.blends, ...house.batches, ...house.patchTests].map(({ id }) => id),
  );
  const inFile = new Set(house.photos.map(({ id }) => id));
  return photographs.filter(({ id, photo }) => !inFile.has(id) && subjects.has(photo.of.id));
};

/** All data, out to one file and in again. */
export const houseStore = (store: Database = db) => ({
  /** Everything, as one file, kind by kind and some records at a time. */
  write: async (progress: Progress = none, allPhotographs = false): Promise<Written> => {
    const from = await store.transaction('rw', store.settings, () => thisHouse(store));
    const forms = await formsOfAll();
    return store.transaction('r', store.tables, async () => {
      const counts = await Promise.all(tables.map((table) => tableOf(store, table).count()));
      const all = counts.reduce((total, count) => total + count, 0);
      const unreadable: LeftOut[] = [];
      const pack = packHouse({
        format: 'jubbet-house',
        version: fileVersion,
        savedAt: now(),
        from,
      });
      let done = 0;
      for (const table of tables) {
        const leaves =
          (table === 'photos' && allPhotographs ? null : kindOf(table).leaves) ?? (() => true);
        const entry = pack.table(table);
        let index = 0;
        await eachChunk(store, table, (rows) => {
          for (const row of rows) {
            // It leaves all the same: another Jubbet may read what this one cannot.
            const problem = formProblemOf(forms[table], row);
            if (problem !== null) unreadable.push(leftOutOf(table, row, index, problem));
            index += 1;
          }
          entry.add(rows.filter((row) => leaves(row)));
          done += rows.length;
          progress(done / Math.max(1, all));
        });
        entry.end();
      }
      return { parts: pack.end(), unreadable };
    });
  },
  /** Photographs that are not ticked to leave in a backup. */
  photographsStaying: (): Promise<Photographs> => counted(store, ({ photo }) => !photo.leaves),
  /** Reads a file; nothing is changed. */
  read: readHouse,
  /** What getting these data in would do. */
  summary: ({ house, from }: Pick<HouseFile, 'house' | 'from'>): Promise<Summary> =>
    store.transaction('r', store.tables, async () => {
      const known: unknown = (await store.settings.get('houseId'))?.value;
      const readFrom: unknown = (await store.settings.get('readFrom'))?.value;
      const here = {
        house: typeof known === 'string' ? known : '',
        readFrom: (readFrom ?? {}) as Record<string, string>,
      };
      const met = sharedHistory(here, from);
      const counts = { blends: 0, batches: 0, people: 0 };
      const sum = { known: 0, newer: 0, both: 0, gone: 0, changes: 0 };
      for (const table of mergedTables) {
        const merged = await mergeOutcomes(store, table, house[table], met);
        sum.changes += merged.filter(
          ({ outcome }) => outcome !== 'same' && outcome !== 'ours',
        ).length;
        if (table !== 'blends' && table !== 'batches' && table !== 'people') continue;
        for (const { outcome: meeting } of merged) {
          if (meeting === 'new') counts[table] += 1;
          else if (meeting === 'theirs') sum.newer += 1;
          else if (meeting === 'both') sum.both += 1;
          else sum.known += 1;
        }
        const there = new Set(house[table].map(({ id }) => id));
        const keys = await tableOf(store, table).toCollection().primaryKeys();
        sum.gone += keys.filter((key) => !there.has(String(key))).length;
      }
      const inFile = new Set(house.photos.map(({ id }) => id));
      const onlyHere = await counted(store, ({ id }) => !inFile.has(id));
      return { ...counts, ...sum, onlyHere };
    }),
  /** Gets data in, in one transaction that saves a restore point. */
  importHouse: (
    // The example comes from no other house.
    {
      house: given,
      from,
      savedAt,
    }: Pick<HouseFile, 'house' | 'savedAt'> & { from: HouseFile['from'] | null },
    manner: ImportMode,
    progress: Progress = none,
    keepPhotographs = false,
  ): Promise<ImportConflicts> =>
    store.transaction('rw', store.tables, async () => {
      const house = unjudged(given);
      const here = await thisHouse(store);
      let conflicts: ImportConflicts = { both: [], newest: [] };
      if (manner === 'replace') {
        await saveRestorePoint(store, 'import');
        const photographs = keepPhotographs ? await store.photos.toArray() : [];
        await replaceAll(store, house, progress);
        await store.photos.bulkPut(withSubjects(photographs, house));
        await isTheirOwn(store);
      } else {
        await beginRestorePoint(store, 'import', false);
        conflicts = await addHouse(store, { house, from }, progress);
      }
      if (from) await rememberExchange(store, here, from, savedAt);
      return conflicts;
    }),
  /**
   * Takes the example house out and leaves what a visitor has made or changed, and those for
   * whom that is. Saves a restore point.
   */
  clearExample: (): Promise<void> =>
    store.transaction('rw', store.tables, async () => {
      const here = await readAll(store);
      await saveRestorePoint(store, 'removing-example');
      await replaceAll(store, withoutExample(here));
      await isTheirOwn(store);
    }),
  /** Takes all there is out, saving a restore point. */
  clear: (): Promise<void> =>
    store.transaction('rw', store.tables, async () => {
      const settings = await store.settings.toArray();
      await saveRestorePoint(store, 'clearing');
      await replaceAll(store, { ...empty, settings });
      await isTheirOwn(store);
    }),
  /** The restore point; null where there is none. */
  restorePoint: async (): Promise<Pick<RestorePoint, 'at' | 'before'> | null> =>
    (await store.restorePoint.get('last')) ?? null,
  /** Restores everything as it was; what is there now becomes the restore point. */
  goBack: (): Promise<void> =>
    store.transaction('rw', store.tables, async () => {
      const found = await store.restorePoint.get('last');
      if (!found) return;
      const before = await store.settings.toArray();
      await restoreLast(store, found);
      // A number that was on a label since never comes again.
      const after = settingsOver(before, await store.settings.toArray());
      await store.settings.bulkPut(after.filter(({ key }) => isSerialKey(key)));
    }),
});

export const house = houseStore();
