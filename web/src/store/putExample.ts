import type { Database } from './database';
import { exampleHouse } from './example';
import { exampleMaker } from './exampleBlends';
import { houseStore } from './house';
import { settingsStore } from './settings';

/** Puts the example house beside what is there; what is there already stays as it is. */
export const putExampleIn = (store: Database, day: string): Promise<void> =>
  store.transaction('rw', store.tables, async () => {
    const furniture = { ...exampleHouse(day), settings: [] };
    const events = furniture.events.map((event, n) => ({ ...event, seq: n + 1 }));
    await houseStore(store).bringIn({ ...furniture, events }, 'add');
    const { maker } = await settingsStore(store).read();
    if (maker === '') await store.settings.put({ key: 'maker', value: exampleMaker });
  });
