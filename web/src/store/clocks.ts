import { tallyOf } from '@jubbet/core/making';
import { subDays } from 'date-fns';
import { eventsIn, logOf } from './batchLog';
import { db, type Database } from './database';
import { batches as batchKind } from './records/batches';

/** A clock of a batch. */
export interface RunningClock {
  readonly batchId: string;
  readonly timerId: string;
  readonly endsAt: string;
  /** What it says when it is over. */
  readonly words: string;
  /** The batch, by its name. */
  readonly of: string;
}

/** So many days after a batch was finished its clocks are still told of. */
const clockDays = 7;

/** Clocks that run, of batches on the bench and of those finished in the last days. */
export const runningClocks = async (store: Database = db): Promise<readonly RunningClock[]> => {
  const since = subDays(new Date(), clockDays).toISOString();
  const [all, finished, late] = await Promise.all([
    store.batches.toCollection().primaryKeys(),
    store.batches.orderBy('finishedAt').primaryKeys(),
    store.batches.where('finishedAt').above(since).primaryKeys(),
  ]);
  const done = new Set(finished);
  const found = await store.batches.bulkGet([...all.filter((id) => !done.has(id)), ...late]);
  const lists = await Promise.all(
    found.map(async (batch): Promise<RunningClock[]> => {
      if (!batch || batch.deletedAt !== null) return [];
      try {
        const { timers } = tallyOf(eventsIn(await logOf(store, batch)));
        return timers.map(({ timerId, endsAt, words }) => ({
          batchId: batch.id,
          timerId,
          endsAt,
          words,
          of: String(batchKind.nameOf(batch)),
        }));
      } catch {
        // One that cannot be read takes no other with it: where it is shown it says so.
        return [];
      }
    }),
  );
  return lists.flat().sort((a, b) => a.endsAt.localeCompare(b.endsAt));
};
