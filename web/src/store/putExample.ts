import type { Database } from './database';
import { exampleHouse } from './example';
import { exampleMaker } from './exampleBlends';
import { houseStore } from './house';
import { now } from './now';
import { settingsStore } from './settings';

/** Puts the example house beside what is there; what is there already stays as it is. */
export const putExampleIn = (store: Database, day: string): Promise<void> =>
  store.transaction('rw', store.tables, async () => {
    const furniture = { ...exampleHouse(day), settings: [], photos: [] };
    await houseStore(store).importHouse({ house: furniture, from: null, savedAt: now() }, 'add');
    const { maker } = await settingsStore(store).read();
    if (maker === '') await store.settings.put({ key: 'maker', value: exampleMaker });
  });
