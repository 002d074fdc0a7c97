import { madeOf, summaryOf, usageOf, type Made } from '@jubbet/core/batch';
import type { Catalog } from '@jubbet/core/catalog';
import { currentStep, gateOf, packLog, type BenchEvent, type LogEntry } from '@jubbet/core/making';
import { clearLog, eventsIn } from './batchLog';
import type { BatchRecord, Database } from './database';
import { takeOff } from './ledger';
import { madeBlend } from './madeBlend';
import { now, today } from './now';

/** A batch with what happened at its bench. */
export const madeFrom = (house: Catalog, batch: BatchRecord, events: readonly BenchEvent[]): Made =>
  madeOf(madeBlend(house, batch), events);

/** True where every step is done, and nothing is against going on. */
export const isReady = (batch: BatchRecord, { blend, planned, tally }: Made): boolean =>
  currentStep(planned, tally) === null &&
  gateOf(blend, planned, tally, batch.reason).state === 'open';

/** Writes into the ledgers what a batch took. Within a transaction that has them. */
export const takeOffShelf = (
  store: Database,
  batch: BatchRecord,
  made: Made,
  events: readonly BenchEvent[],
): Promise<void> => takeOff(store, batch, usageOf(made, events, batch.bottles));

/**
 * Finishes a batch: what came of it and what happened at its bench are in its record, and what it
 * took in the ledgers. Within a transaction that has all of them.
 */
export const finish = async (
  store: Database,
  batch: BatchRecord,
  made: Made,
  log: readonly LogEntry[],
  rest: Partial<BatchRecord> = {},
): Promise<void> => {
  const at = now();
  await store.batches.update(batch.id, {
    finishedAt: batch.finishedAt ?? at,
    updatedAt: at,
    made: summaryOf(made, batch.madeOn, today()),
    log: packLog(log),
    ...rest,
  });
  await clearLog(store, batch.id);
  await takeOffShelf(store, batch, made, eventsIn(log));
};
