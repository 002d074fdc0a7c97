import { asSettled, type Blend, type Evaluation } from '@jubbet/core/drops';
import { fileOf } from '@jubbet/core/exchange';
import {
  addEvent,
  currentStep,
  gateOf,
  goesOn,
  isReason,
  tallyOf,
  type BenchEvent,
} from '@jubbet/core/making';
import { analysesInUse } from '@jubbet/core/stock';
import { madeOf, nextBatchNumber, serialOf, summaryOf, type Made } from '@jubbet/core/batch';
import { materialsUsed, type Catalog } from '@jubbet/core/catalog';
import type { Recipe } from '@jubbet/core/recipe';
import { readCatalog } from './houseCatalog';
import { db, type BatchRecord, type Database } from './database';
import { keepDraft } from './drafts';
import { madeBlend } from './madeBlend';
import { now, today } from './now';
import { settingsStore } from './settings';

interface Start {
  /** The sheet as it stands: kept as a draft of its own. */
  readonly recipe: Recipe;
  readonly blendId: string;
  readonly blend: Blend;
  readonly evaluation: Evaluation;
  readonly reason: string;
}

/** Serials given so far, by prefix and year: a number that stood on a label never comes again. */
const serialKey = (prefix: string, year: number): string => `serial/${prefix}${year}`;

const isSerial = (value: unknown): value is number =>
  typeof value === 'number' && Number.isSafeInteger(value) && value >= 0 && value < 10_000_000;

const eventsOf = async (store: Database, batchId: string): Promise<BenchEvent[]> =>
  (await store.events.where('batchId').equals(batchId).sortBy('seq')).map(({ event }) => event);

/** A batch with what happened at its bench. */
const madeFrom = (house: Catalog, batch: BatchRecord, events: readonly BenchEvent[]): Made =>
  madeOf(madeBlend(house, batch), events);

const isAllDone = ({ planned, tally }: Made): boolean => currentStep(planned, tally) === null;

/** The log of batches and what happened at the bench. */
export const batchStore = (store: Database = db) => {
  const benchTables = [store.batches, store.events];
  const getOpen = async (id: string): Promise<BatchRecord> => {
    const batch = await store.batches.get(id);
    if (!batch || batch.deletedAt !== null) throw new Error('this batch was deleted');
    if (batch.notToBeUsed) throw new Error('this batch is closed: it is not to be used');
    return batch;
  };
  const change = (id: string, part: Partial<BatchRecord>): Promise<void> =>
    store.transaction('rw', store.batches, async () => {
      const batch = await store.batches.get(id);
      if (!batch) throw new Error('this batch is not here any more');
      await store.batches.put({ ...batch, ...part });
    });
  /** What finishes a batch, where all its steps are done and nothing stands in the way. */
  const finishing = (batch: BatchRecord, made: Made): Partial<BatchRecord> | null =>
    isAllDone(made) && gateOf(made.blend, made.planned, made.tally, batch.reason).state === 'open'
      ? { finishedAt: now(), made: summaryOf(made, batch.madeOn) }
      : null;
  return {
    /** Numbers a batch and freezes its blend, in one transaction. */
    start: async ({ blendId, recipe, blend, evaluation, reason }: Start): Promise<string> => {
      if (evaluation.blocking) throw new Error('this blend is over with no way past it');
      if (evaluation.verdict === 'over' && !isReason(reason)) {
        throw new Error('a blend that is over needs a written reason');
      }
      const tables = [store.batches, store.settings, store.drafts, store.materials];
      return store.transaction('rw', tables, async () => {
        const { batchPrefix } = await settingsStore(store).read();
        const madeOn = today();
        const year = Number(madeOn.slice(0, 4));
        const key = serialKey(batchPrefix, year);
        const last: unknown = (await store.settings.get(key))?.value;
        const taken = (await store.batches.orderBy('number').keys()).map(String);
        const number = nextBatchNumber(year, taken, batchPrefix, isSerial(last) ? last : 0);
        const own = (await store.materials.toArray()).filter(({ deletedAt }) => deletedAt === null);
        const made = asSettled(recipe, blend, evaluation);
        const ids = [...recipe.oils, ...recipe.bases].map((entry) => entry.id);
        const id = crypto.randomUUID();
        await store.settings.put({ key, value: serialOf(number, year, batchPrefix) });
        await store.batches.add({
          id,
          number,
          blendId,
          file: fileOf(made),
          askedPercent: recipe.target?.percent ?? null,
          verdict: evaluation.verdict,
          personId: recipe.brief.personId,
          materials: materialsUsed(
            own.map((record) => record.own),
            ids,
          ),
          analyses: analysesInUse(
            blend.catalog,
            recipe.oils.map((oil) => oil.id),
          ),
          reason: reason.trim(),
          startedAt: now(),
          finishedAt: null,
          made: null,
          notToBeUsed: false,
          madeOn,
          notes: '',
          deletedAt: null,
        });
        await keepDraft(store, blendId, recipe, id);
        return id;
      });
    },
    get: async (id: string): Promise<BatchRecord | null> => {
      const found = await store.batches.get(id);
      return found && found.deletedAt === null ? found : null;
    },
    list: async (): Promise<BatchRecord[]> =>
      (await store.batches.orderBy('startedAt').reverse().toArray()).filter(
        ({ deletedAt }) => deletedAt === null,
      ),
    events: (batchId: string): Promise<BenchEvent[]> => eventsOf(store, batchId),
    /**
     * Keeps events together; they are on the disk when the promise resolves. What goes on is
     * judged here, from what the store has: nothing goes on past what must not be used, and
     * nothing past a limit without a reason. The last step finishes the batch in the same act.
     *
     * @returns true where that was the last step
     */
    record: async (batchId: string, events: readonly BenchEvent[]): Promise<boolean> => {
      const house = goesOn(events) ? await readCatalog(store) : null;
      return store.transaction('rw', benchTables, async () => {
        const batch = await getOpen(batchId);
        const at = now();
        let finished = false;
        if (house) {
          const past = await eventsOf(store, batchId);
          const made = madeFrom(house, batch, [...past, ...events]);
          const before = events
            .filter(({ kind }) => kind !== 'done')
            .reduce(addEvent, tallyOf(past));
          const { state } = gateOf(made.blend, made.planned, before, batch.reason);
          if (state === 'blocked') throw new Error('what is in it must not be used by its wearer');
          if (state === 'needs-reason') throw new Error('going past this limit needs a reason');
          const done = finishing(batch, made);
          if (done) await store.batches.update(batchId, done);
          finished = done !== null;
        }
        await store.events.bulkAdd(events.map((event) => ({ batchId, at, event })));
        // What is counted on after the end opens the batch again, to be judged anew.
        if (!finished && batch.finishedAt !== null) {
          await store.batches.update(batchId, { finishedAt: null, made: null });
        }
        return finished;
      });
    },
    /** Ends a batch that nobody may use. Nothing is counted into it after that. */
    finishAsNotToBeUsed: async (id: string): Promise<void> => {
      const house = await readCatalog(store);
      await store.transaction('rw', benchTables, async () => {
        const batch = await getOpen(id);
        const made = madeFrom(house, batch, await eventsOf(store, id));
        await store.batches.update(id, {
          finishedAt: now(),
          made: summaryOf(made, batch.madeOn),
          notToBeUsed: true,
        });
      });
    },
    /**
     * Mends what was broken off: a batch of which every step is done is finished, and one that
     * was finished before its outcome was kept is judged. One that cannot be read stays as it is.
     */
    mend: async (): Promise<void> => {
      const unread = (await store.batches.toArray()).filter(
        ({ deletedAt, made }) => deletedAt === null && made === null,
      );
      const house = await readCatalog(store);
      for (const { id } of unread) {
        await store.transaction('rw', benchTables, async () => {
          const batch = await store.batches.get(id);
          if (!batch || batch.made !== null) return;
          try {
            const made = madeFrom(house, batch, await eventsOf(store, id));
            const mended =
              batch.finishedAt === null
                ? finishing(batch, made)
                : { made: summaryOf(made, batch.madeOn) };
            if (mended) await store.batches.update(id, mended);
          } catch {
            // It is shown as one that cannot be read, with what can be done about it.
          }
        });
      }
    },
    note: (id: string, notes: string): Promise<void> => change(id, { notes }),
    /** Takes a batch out of the log. It stays as a stone: its number never comes again. */
    remove: (id: string): Promise<void> => change(id, { deletedAt: now() }),
    restore: (id: string): Promise<void> => change(id, { deletedAt: null }),
  };
};

export const batches = batchStore();
