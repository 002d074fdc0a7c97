import { db, type BatchRecord, type Database, type House } from './database';
import { fileVersion, readHouse, type SetAside } from './houseFile';
import { now } from './now';
import { numberedApart } from './numberedApart';
import { isSerialKey } from './settings';
import { withoutExample } from './withoutExample';

/** How the data of a file get in. */
export type Manner = 'replace' | 'add';

/** What would be written, before anything is. */
export interface Summary {
  readonly blends: number;
  readonly batches: number;
  readonly people: number;
  /** In the file and in the house: left as they are where data are added. */
  readonly known: number;
  /** In the house and not in the file: gone where data are replaced. */
  readonly gone: number;
}

const tablesOf = (store: Database) => [
  store.blends,
  store.batches,
  store.events,
  store.people,
  store.drafts,
  store.materials,
  store.bottles,
  store.vessels,
  store.settings,
];

const readAll = async (store: Database): Promise<House> => ({
  blends: await store.blends.toArray(),
  batches: await store.batches.toArray(),
  events: await store.events.toArray(),
  people: await store.people.toArray(),
  drafts: await store.drafts.toArray(),
  materials: await store.materials.toArray(),
  bottles: await store.bottles.toArray(),
  vessels: await store.vessels.toArray(),
  settings: await store.settings.toArray(),
});

const missing = <T extends { id: string }>(from: readonly T[], there: readonly T[]): T[] => {
  const ids = new Set(there.map((record) => record.id));
  return from.filter((record) => !ids.has(record.id));
};

/** Of two sets of settings the second, with the higher of the serials that were given. */
const settingsOver = (before: House['settings'], after: House['settings']): House['settings'] => {
  const serials = before.filter(({ key, value }) => {
    const next = after.find((one) => one.key === key)?.value;
    return isSerialKey(key) && (typeof next !== 'number' || Number(value) > next);
  });
  const keys = new Set(serials.map(({ key }) => key));
  return [...after.filter(({ key }) => !keys.has(key)), ...serials];
};

const replaceAll = async (store: Database, house: House): Promise<void> => {
  const settings = settingsOver(await store.settings.toArray(), house.settings);
  await Promise.all(tablesOf(store).map((table) => table.clear()));
  await store.blends.bulkAdd(house.blends);
  await store.batches.bulkAdd(house.batches);
  await store.events.bulkAdd(house.events);
  await store.people.bulkAdd(house.people);
  await store.drafts.bulkAdd(house.drafts);
  await store.materials.bulkAdd(house.materials);
  await store.bottles.bulkAdd(house.bottles);
  await store.vessels.bulkAdd(house.vessels);
  await store.settings.bulkAdd(settings);
};

const addMissing = async (store: Database, house: House, here: House): Promise<void> => {
  const batches = missing(house.batches, here.batches);
  const numbered = numberedApart(
    batches,
    here.batches.map(({ number }) => number),
  );
  const added = new Set(batches.map((batch) => batch.id));
  await store.blends.bulkAdd(missing(house.blends, here.blends));
  await store.batches.bulkAdd(numbered);
  await store.events.bulkAdd(
    house.events
      .filter(({ batchId }) => added.has(batchId))
      .map(({ batchId, at, event }) => ({ batchId, at, event })),
  );
  await store.people.bulkAdd(missing(house.people, here.people));
  await store.drafts.bulkAdd(missing(house.drafts, here.drafts));
  await store.materials.bulkAdd(missing(house.materials, here.materials));
  await store.bottles.bulkAdd(missing(house.bottles, here.bottles));
  await store.vessels.bulkAdd(missing(house.vessels, here.vessels));
};

/** All data, out to one file and in again. */
export const houseStore = (store: Database = db) => ({
  /** Everything, as the text of one file; and what of it could not be read again. */
  write: async (): Promise<{ readonly text: string; readonly unreadable: readonly SetAside[] }> => {
    const house = await store.transaction('r', store.tables, () => readAll(store));
    const file = { format: 'jubbet-house', version: fileVersion, savedAt: now(), house };
    const text = `${JSON.stringify(file)}\n`;
    // It is saved only when it can be read again.
    const read = readHouse(text);
    if (!read.ok) throw new Error(read.sentence);
    return { text, unreadable: read.setAside };
  },
  /** Reads a file; nothing is changed. */
  read: readHouse,
  /** What getting these data in would do. */
  summary: async (house: House): Promise<Summary> => {
    const here = await store.transaction('r', store.tables, () => readAll(store));
    const count = (key: 'blends' | 'batches' | 'people') =>
      missing<{ id: string }>(house[key], here[key]).length;
    const all = (from: House) => [...from.blends, ...from.batches, ...from.people];
    return {
      blends: count('blends'),
      batches: count('batches'),
      people: count('people'),
      known: all(house).length - count('blends') - count('batches') - count('people'),
      gone: missing<{ id: string }>(all(here), all(house)).length,
    };
  },
  /**
   * Gets data in, in one transaction that leaves a way back. What came of a batch is not taken
   * from the file: it is judged here, by its events, with `batches.mend`.
   */
  bringIn: (given: House, manner: Manner): Promise<void> =>
    store.transaction('rw', store.tables, async () => {
      const house = {
        ...given,
        batches: given.batches.map((batch): BatchRecord => ({ ...batch, made: null })),
      };
      const here = await readAll(store);
      await store.snapshots.put({
        id: 'last',
        at: now(),
        why: 'before a file was read in',
        house: here,
      });
      if (manner === 'replace') await replaceAll(store, house);
      else await addMissing(store, house, here);
    }),
  /**
   * Takes the example house out and leaves what a visitor has made or changed, and those for
   * whom that is. Leaves a way back.
   */
  clearExample: (): Promise<void> =>
    store.transaction('rw', store.tables, async () => {
      const here = await readAll(store);
      await store.snapshots.put({
        id: 'last',
        at: now(),
        why: 'before the example house was taken out',
        house: here,
      });
      await replaceAll(store, withoutExample(here));
    }),
  /** Takes all there is out, leaving a way back. */
  clear: (): Promise<void> =>
    store.transaction('rw', store.tables, async () => {
      const here = await readAll(store);
      await store.snapshots.put({
        id: 'last',
        at: now(),
        why: 'before all was cleared',
        house: here,
      });
      const settings = [
        ...here.settings.filter(({ key }) => key !== 'seeded'),
        { key: 'seeded', value: true },
      ];
      await replaceAll(store, {
        blends: [],
        batches: [],
        events: [],
        people: [],
        drafts: [],
        materials: [],
        bottles: [],
        vessels: [],
        settings,
      });
    }),
  /** When the way back was laid, and why; null where there is none. */
  wayBack: async (): Promise<{ at: string; why: string } | null> => {
    const found = await store.snapshots.get('last');
    return found ? { at: found.at, why: found.why } : null;
  },
  /** Puts everything back as it was; what is there now becomes the way back. */
  goBack: (): Promise<void> =>
    store.transaction('rw', store.tables, async () => {
      const found = await store.snapshots.get('last');
      if (!found) return;
      const here = await readAll(store);
      await replaceAll(store, found.house);
      await store.snapshots.put({ id: 'last', at: now(), why: 'before going back', house: here });
    }),
});

export const house = houseStore();
