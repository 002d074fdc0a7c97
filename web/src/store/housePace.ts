import { evaluate } from '@jubbet/core/drops';
import { stepsOf, unpackLog } from '@jubbet/core/making';
import { ownPace, type Pace, type TimedBatch } from '@jubbet/core/planning';
import { byIndex } from './byIndex';
import { db, type Database } from './database';
import { readCatalog } from './houseCatalog';
import { madeBlend } from './madeBlend';

/** So many batches tell how a house works: those made last. */
const batchesRead = 40;

/** How fast the house works, by its own batches. One that cannot be read tells nothing. */
export const housePace = async (store: Database = db): Promise<Pace> => {
  const catalog = await readCatalog(store);
  const finished = await byIndex(store.batches, 'startedAt')
    .reverse()
    .filter(({ log, deletedAt }) => log !== null && deletedAt === null)
    .limit(batchesRead)
    .toArray();
  return ownPace(
    catalog,
    finished.flatMap((batch): TimedBatch[] => {
      try {
        const blend = madeBlend(catalog, batch);
        const steps = stepsOf(blend, evaluate(blend).mixture);
        return batch.log ? [{ steps, log: unpackLog(batch.log) }] : [];
      } catch {
        return [];
      }
    }),
  );
};
