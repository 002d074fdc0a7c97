import type { Database } from './database';
import { exampleBlends, exampleMaker } from './exampleBlends';
import { now } from './now';

/** Is in the settings until what the house has made is there too. */
export const halfSeeded = 'blends';

/**
 * Furnishes a store that was never used with people, blends and bottles: what the first
 * screen shows. What the house has made of them comes after it, with `seedBatches`.
 *
 * @returns true where that is still to come
 */
export const seedFirst = (store: Database, day: string): Promise<boolean> =>
  store.transaction('rw', store.tables, async () => {
    const seeded: unknown = (await store.settings.get('seeded'))?.value;
    if (seeded === true || seeded === halfSeeded) return seeded === halfSeeded;
    await store.settings.put({ key: 'openedAt', value: now() });
    if ((await store.blends.count()) + (await store.batches.count()) > 0) {
      await store.settings.put({ key: 'seeded', value: true });
      return false;
    }
    const { blends, people, bottles } = exampleBlends(day);
    await store.blends.bulkAdd(blends);
    await store.people.bulkAdd(people);
    await store.bottles.bulkAdd(bottles);
    await store.settings.bulkPut([
      { key: 'maker', value: exampleMaker },
      { key: 'seeded', value: halfSeeded },
    ]);
    return true;
  });
