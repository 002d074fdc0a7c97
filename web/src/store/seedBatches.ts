import type { Database } from './database';
import { exampleBatches, exampleContainers } from './example';
import { exampleBlends } from './exampleBlends';
import { withDistinctNumbers } from './distinctNumbers';
import { halfSeeded } from './seed';
import { byIndex } from './byIndex';

/** Adds what the example house has made, once, where its blends were put in before. */
export const seedBatches = (store: Database, day: string): Promise<void> =>
  store.transaction('rw', store.tables, async () => {
    if ((await store.settings.get('seeded'))?.value !== halfSeeded) return;
    const { blends, bottles } = exampleBlends(day);
    const { batches, drafts, benchEvents, movements, recipients, patchTests } = exampleBatches(
      day,
      blends,
      bottles,
    );
    // A visitor may have been quicker: their number is on a label already.
    const taken = (await byIndex(store.batches, 'number').keys()).map(String);
    await store.batches.bulkAdd(withDistinctNumbers(batches, taken));
    await store.drafts.bulkAdd(drafts);
    await store.benchEvents.bulkAdd(benchEvents);
    await store.movements.bulkAdd(movements);
    await store.recipients.bulkAdd(recipients);
    await store.patchTests.bulkAdd(patchTests);
    await store.containers.bulkAdd(exampleContainers(day));
    await store.settings.put({ key: 'seeded', value: true });
  });
