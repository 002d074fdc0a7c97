import type { Database } from './database';
import { exampleHouse } from './example';
import { openFirst } from './seed';

/**
 * Furnishes a store that was never used with the example house: all of it in one transaction, or
 * nothing. One that is in use stays as it is.
 */
export const seedExample = async (store: Database, day: string): Promise<void> => {
  if (!(await openFirst(store))) return;
  const example = exampleHouse(day);
  await store.transaction('rw', store.tables, async () => {
    if (!(await openFirst(store))) return;
    await store.blends.bulkAdd(example.blends);
    await store.people.bulkAdd(example.people);
    await store.bottles.bulkAdd(example.bottles);
    await store.batches.bulkAdd(example.batches);
    await store.drafts.bulkAdd(example.drafts);
    await store.benchEvents.bulkAdd(example.benchEvents);
    await store.movements.bulkAdd(example.movements);
    await store.recipients.bulkAdd(example.recipients);
    await store.patchTests.bulkAdd(example.patchTests);
    await store.containers.bulkAdd(example.containers);
    await store.plans.bulkAdd(example.plans);
    await store.settings.bulkPut([
      { key: 'seeded', value: true },
      { key: 'exampleHere', value: true },
    ]);
  });
};
