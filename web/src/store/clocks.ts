import { tallyOf, unpackLog, type BenchEvent } from '@jubbet/core/making';
import { subDays } from 'date-fns';
import { eventsIn } from './batchLog';
import { db, type BatchRecord, type Database } from './database';
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

const isClock = ({ kind }: BenchEvent): boolean => kind === 'timer' || kind === 'timer-off';

const clocksOf = (
  batch: BatchRecord | undefined,
  events: readonly BenchEvent[],
): readonly RunningClock[] =>
  !batch || batch.deletedAt !== null
    ? []
    : tallyOf(events).timers.map(({ timerId, endsAt, words }) => ({
        batchId: batch.id,
        timerId,
        endsAt,
        words,
        of: String(batchKind.nameOf(batch)),
      }));

/** Clocks that run, of batches on the bench and of those finished in the last days. */
export const runningClocks = async (store: Database = db): Promise<readonly RunningClock[]> => {
  const since = subDays(new Date(), clockDays).toISOString();
  // Benches that are open keep their events apart, and few: of thousands of batches none is read.
  const [open, late] = await Promise.all([
    store.benchEvents.toArray(),
    store.batches.where('finishedAt').above(since).toArray(),
  ]);
  const logs = new Map<string, BenchEvent[]>();
  for (const { batchId, event } of open) {
    if (isClock(event)) logs.set(batchId, [...(logs.get(batchId) ?? []), event]);
  }
  const found = await store.batches.bulkGet([...logs.keys()]);
  const lists = [
    ...found.map((batch) => clocksOf(batch, logs.get(batch?.id ?? '') ?? [])),
    ...late.map((batch) => {
      try {
        return clocksOf(batch, eventsIn(unpackLog(batch.log ?? [])));
      } catch {
        // One that cannot be read takes no other with it: where it is shown it says so.
        return [];
      }
    }),
  ];
  return lists.flat().sort((a, b) => a.endsAt.localeCompare(b.endsAt));
};
