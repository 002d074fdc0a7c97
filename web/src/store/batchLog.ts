import { unpackLog, type BenchEvent, type LogEntry } from '@jubbet/core/making';
import { Dexie } from 'dexie';
import type { BatchRecord, Database } from './database';

const ofBatch = (store: Database, batchId: string) =>
  store.benchEvents
    .where('[batchId+seq]')
    .between([batchId, Dexie.minKey], [batchId, Dexie.maxKey]);

/** What happened at the bench of a batch, in order: from its record where it is finished. */
export const logOf = async (
  store: Database,
  batch: Pick<BatchRecord, 'id' | 'log'>,
): Promise<LogEntry[]> =>
  batch.log
    ? unpackLog(batch.log)
    : (await ofBatch(store, batch.id).toArray()).map(({ seq, at, event }) => ({ seq, at, event }));

/** What happened, without when. */
export const eventsIn = (log: readonly LogEntry[]): BenchEvent[] => log.map(({ event }) => event);

/** Where in the log the last thing is that happened; 0 before the first. */
export const lastSeq = async (store: Database, batchId: string): Promise<number> => {
  const last = await ofBatch(store, batchId).last();
  return last?.seq ?? 0;
};

/** Writes down what has happened after a log. */
export const addToLog = async (
  store: Database,
  batchId: string,
  log: readonly LogEntry[],
): Promise<void> => {
  await store.benchEvents.bulkAdd(log.map((entry) => ({ batchId, ...entry })));
};

/** Takes the records of a log away: they are in their batch, or go with it. */
export const clearLog = async (store: Database, batchId: string): Promise<void> => {
  await ofBatch(store, batchId).delete();
};
