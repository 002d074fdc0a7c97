import {
  madeOf,
  summaryOf,
  usageOf,
  type Made,
  type MadeSummary,
  type Taken,
} from '@jubbet/core/batch';
import type { Catalog } from '@jubbet/core/catalog';
import { currentStep, gateOf, packLog, type BenchEvent, type LogEntry } from '@jubbet/core/making';
import { clearLog, eventsIn } from './batchLog';
import type { BatchRecord, Database } from './database';
import { takeOff } from './ledger';
import { madeBlend } from './madeBlend';
import { now, today } from './now';
import { takePracticeNumber } from './serials';
import { settingsStore } from './settings';

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

/** What its bottles have cost: as it was when it was finished, with those that are new to it. */
const pricesOf = async (
  store: Database,
  { prices }: BatchRecord,
  taken: readonly Taken[],
): Promise<NonNullable<BatchRecord['prices']>> => {
  const ids = [...new Set(taken.flatMap(({ bottleId }) => bottleId ?? []))];
  const known = prices?.of ?? {};
  const found = await store.bottles.bulkGet(ids.filter((id) => !(id in known)));
  const { currency } = await settingsStore(store).read();
  return {
    currency: prices?.currency ?? currency,
    of: {
      ...known,
      ...Object.fromEntries(
        found.flatMap((record) => {
          const bottle = record?.bottle;
          if (!record || !bottle || bottle.price === null) return [];
          const { price, size, unit } = bottle;
          return [[record.id, { price, size, unit }] as const];
        }),
      ),
    },
  };
};

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
  const events = eventsIn(log);
  await store.batches.update(batch.id, {
    // One that was finished elsewhere says what it cost there, or does not.
    ...(batch.finishedAt === null || batch.prices
      ? { prices: await pricesOf(store, batch, usageOf(made, events, batch.bottles)) }
      : {}),
    finishedAt: batch.finishedAt ?? at,
    ...(batch.finishedAt === null && made.tally.simulated
      ? { number: await takePracticeNumber(store, batch.number, batch.madeOn) }
      : {}),
    updatedAt: at,
    made: summaryOf(made, batch.madeOn, today()),
    log: packLog(log),
    ...rest,
  });
  await clearLog(store, batch.id);
  await takeOffShelf(store, batch, made, events);
};

/** The worst first. */
const verdictOrder = ['over', 'unknown', 'caution', 'within', null] as const;

/** True where what is judged here holds back more than what was said before. */
const isStricter = (here: MadeSummary, before: MadeSummary): boolean =>
  (here.blocking && !before.blocking) ||
  verdictOrder.indexOf(here.verdict) < verdictOrder.indexOf(before.verdict);

/**
 * Judges a batch that was finished elsewhere: what was said then stays, with its day, unless it is
 * worse by what is known here. It is no change of the batch, and takes nothing off the shelf: what
 * it took came with it. Within a transaction that has the batches.
 */
export const judgeFinished = async (
  store: Database,
  batch: BatchRecord,
  made: Made,
): Promise<void> => {
  const here = summaryOf(made, batch.madeOn, today());
  const { madeInFile: before, ...rest } = batch;
  await store.batches.put({ ...rest, made: before && !isStricter(here, before) ? before : here });
};
