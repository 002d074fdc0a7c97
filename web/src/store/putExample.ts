import type { Database } from './database';
import { exampleHouse } from './example';
import { houseStore } from './house';
import { now } from './now';

/** Puts the example house beside what is there; what is there already stays as it is. */
export const putExampleIn = (store: Database, day: string): Promise<void> =>
  store.transaction('rw', store.tables, async () => {
    const furniture = { ...exampleHouse(day), settings: [], photos: [] };
    await houseStore(store).importHouse({ house: furniture, from: null, savedAt: now() }, 'add');
    await store.settings.put({ key: 'exampleHere', value: true });
  });
