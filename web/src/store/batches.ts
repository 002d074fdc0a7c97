import {
  addEvent,
  isAside,
  gateOf,
  goesOn,
  tallyOf,
  packLog,
  withUndone,
  type BenchEvent,
  type LogEntry,
} from '@jubbet/core/making';
import { readCatalog } from './houseCatalog';
import { db, type BatchRecord, type Database } from './database';
import { isAmendment } from './amendments';
import { addToLog, eventsIn, lastSeq, logOf } from './batchLog';
import { finish, isReady, judgeFinished, madeFrom, takeOffShelf } from './finishBatch';
import { idsBy, textsOf } from './listed';
import { giveBack } from './ledger';
import { laterThan, now } from './now';
import { startBatch, type Start } from './startBatch';
import { StoreError } from './storeError';
import { byIndex } from './byIndex';

/** A batch by its name. */
interface NamedBatch {
  readonly id: string;
  readonly number: string;
  readonly name: string;
  readonly madeOn: string;
}
const namedOf = ({ id, number, file, madeOn }: BatchRecord): NamedBatch => ({
  ...{ id, number, madeOn },
  name: file.name,
});

/** So many batches are judged in one transaction. */
const mendedAtOnce = 50;

const undoesOne = ({ kind }: BenchEvent): boolean => kind === 'take-back' || kind === 'reopened';

/** The log of batches and what happened at the bench. */
export const batchStore = (store: Database = db) => {
  const benchTables = [
    store.batches,
    store.benchEvents,
    store.movements,
    store.bottles,
    store.settings,
  ];
  const getAny = async (id: string): Promise<BatchRecord> => {
    const batch = await store.batches.get(id);
    if (!batch || batch.deletedAt !== null) throw new StoreError('deleted', { record: 'batch' });
    return batch;
  };
  const getOpen = async (id: string): Promise<BatchRecord> => {
    const batch = await getAny(id);
    if (batch.notToBeUsed) throw new StoreError('batch-not-to-be-used', {});
    return batch;
  };
  const change = (id: string, part: Partial<BatchRecord>): Promise<void> =>
    store.transaction('rw', store.batches, async () => {
      const batch = await store.batches.get(id);
      if (!batch) throw new StoreError('deleted', { record: 'batch' });
      await store.batches.put({ ...batch, ...part, updatedAt: now() });
    });
  const unjudgedIds = async (): Promise<string[]> => {
    const judged = new Set(await byIndex(store.batches, 'made.judgedOn').primaryKeys());
    return (await store.batches.toCollection().primaryKeys()).filter((id) => !judged.has(id));
  };
  return {
    /** Numbers a batch and freezes its blend, in one transaction. */
    start: (begun: Start): Promise<string> => startBatch(store, begun),
    get: async (id: string): Promise<BatchRecord | null> => {
      const found = await store.batches.get(id);
      return found && found.deletedAt === null ? found : null;
    },
    /** Ids of all batches, the last begun first. */
    ids: async (): Promise<string[]> => (await idsBy(store.batches, 'startedAt')).reverse(),
    /** Ids of batches that are on the bench, the last begun first. */
    openIds: async (): Promise<string[]> => {
      const [all, finished] = await Promise.all([
        store.batches.toCollection().primaryKeys(),
        byIndex(store.batches, 'finishedAt').primaryKeys(),
      ]);
      const done = new Set(finished);
      const open = await store.batches.bulkGet(all.filter((id) => !done.has(id)));
      return open
        .flatMap((entry) => (entry?.deletedAt === null ? [entry] : []))
        .sort((a, b) => b.startedAt.localeCompare(a.startedAt))
        .map(({ id }) => id);
    },
    /** The last batch, where it was begun at a moment that is still to come by this clock. */
    ahead: async (): Promise<BatchRecord | null> => {
      const last = await byIndex(store.batches, 'startedAt').last();
      const aMinuteOn = new Date(Date.parse(now()) + 60_000).toISOString();
      return last && last.startedAt > aMinuteOn ? last : null;
    },
    /** Batches that were made for someone, the last ahead. */
    madeFor: async (personId: string): Promise<readonly NamedBatch[]> =>
      (await store.batches.where('personId').equals(personId).toArray())
        .filter(({ deletedAt }) => deletedAt === null)
        .sort((a, b) => b.startedAt.localeCompare(a.startedAt))
        .map(namedOf),
    /** Batches by their ids, those that are there. */
    named: async (ids: readonly string[]): Promise<readonly NamedBatch[]> =>
      (await store.batches.bulkGet([...new Set(ids)])).flatMap((batch) =>
        batch && batch.deletedAt === null ? [namedOf(batch)] : [],
      ),
    /** Whole batches by their ids, in their order, those that are there. */
    some: async (ids: readonly string[]): Promise<readonly BatchRecord[]> =>
      (await store.batches.bulkGet([...ids])).flatMap((batch) =>
        batch && batch.deletedAt === null ? [batch] : [],
      ),
    /** Numbers and names of all batches, to find one by. */
    names: () => textsOf(store.batches, ['number', 'file.name']),
    /** A batch with what happened at its bench; null where it is not in the log. */
    withEvents: (
      id: string,
    ): Promise<{
      readonly batch: BatchRecord;
      readonly log: readonly LogEntry[];
      readonly events: readonly BenchEvent[];
    } | null> =>
      store.transaction('r', benchTables, async () => {
        const batch = await store.batches.get(id);
        if (!batch || batch.deletedAt !== null) return null;
        const log = await logOf(store, batch);
        return { batch, log, events: eventsIn(log) };
      }),
    /** What happened at the bench of a batch, in order. */
    log: async (id: string): Promise<LogEntry[]> => {
      const batch = await store.batches.get(id);
      return batch ? logOf(store, batch) : [];
    },
    events: (id: string): Promise<BenchEvent[]> =>
      store.transaction('r', benchTables, async () => {
        const batch = await store.batches.get(id);
        return batch ? eventsIn(await logOf(store, batch)) : [];
      }),
    /**
     * Keeps events together; they are on the disk when the promise resolves. What goes on is
     * judged here, from what the store has: nothing goes on past what must not be used, and
     * nothing past a limit without a reason. The last step finishes the batch in the same act.
     *
     * @returns true where that was the last step
     */
    record: async (batchId: string, events: readonly BenchEvent[]): Promise<boolean> => {
      const house = goesOn(events) ? await readCatalog(store) : null;
      const beside = events.every(isAside);
      return store.transaction('rw', benchTables, async () => {
        // A clock of a batch that is closed can still be turned off.
        const batch = beside ? await getAny(batchId) : await getOpen(batchId);
        // A finished batch is closed: it is amended, with a reason, and nothing of it is undone.
        if (batch.log !== null && !beside) throw new StoreError('batch-finished', {});
        // A drop needs to know where in the log it is, and nothing else of it.
        const needsAll = house !== null || batch.log !== null || events.some(undoesOne);
        const past = needsAll ? await logOf(store, batch) : [];
        const last = needsAll ? past.length : await lastSeq(store, batchId);
        // A clock that was set back orders nothing backwards.
        const at = laterThan(batch.updatedAt, now());
        const more = events.reduce((log: LogEntry[], event): LogEntry[] => {
          const undone = withUndone([...past, ...log], event);
          return [...log, { seq: last + log.length + 1, at, event: undone }];
        }, []);
        const all = [...past, ...more];
        if (house) {
          const made = madeFrom(house, batch, eventsIn(all));
          // Judged at the stop: on what is in when its step ends, not on what was still to come.
          const stopped = events.reduce(addEvent, tallyOf(eventsIn(past)));
          const { state } = gateOf(made.blend, made.planned, stopped, batch.reason);
          if (state === 'blocked') throw new StoreError('batch-blocked', {});
          if (state === 'needs-reason') throw new StoreError('batch-needs-reason', {});
          if (isReady(batch, made)) {
            await finish(store, batch, made, all);
            return true;
          }
        }
        if (batch.log !== null && beside) {
          await store.batches.update(batchId, { updatedAt: at, log: packLog(all) });
          return false;
        }
        await addToLog(store, batchId, more);
        await store.batches.update(batchId, { updatedAt: at });
        return false;
      });
    },
    /** Ends a batch that no one may use. Nothing is counted into it after that. */
    finishAsNotToBeUsed: async (id: string): Promise<void> => {
      const house = await readCatalog(store);
      await store.transaction('rw', benchTables, async () => {
        const batch = await getOpen(id);
        const log = await logOf(store, batch);
        const made = madeFrom(house, batch, eventsIn(log));
        await finish(store, batch, made, log, { notToBeUsed: true });
      });
    },
    /** True where a batch is finished that no one has judged here: it was read from a file. */
    hasUnjudged: async (): Promise<boolean> => {
      const [finished, judged] = await Promise.all([
        byIndex(store.batches, 'finishedAt').primaryKeys(),
        byIndex(store.batches, 'made.judgedOn').primaryKeys(),
      ]);
      const known = new Set(judged);
      return finished.some((id) => !known.has(id));
    },
    /**
     * Mends what was broken off: a batch of which every step is done is finished, and one that
     * was finished elsewhere is judged here. One that cannot be read stays as it is.
     *
     * @param ids of the batches to look at; some at a time are one transaction
     */
    mend: async (ids?: readonly string[]): Promise<void> => {
      const unread = ids ?? (await unjudgedIds());
      if (unread.length === 0) return;
      const house = await readCatalog(store);
      for (let from = 0; from < unread.length; from += mendedAtOnce) {
        await store.transaction('rw', benchTables, async () => {
          for (const batch of await store.batches.bulkGet(
            unread.slice(from, from + mendedAtOnce),
          )) {
            if (!batch || batch.made !== null || batch.deletedAt !== null) continue;
            const log = await logOf(store, batch);
            try {
              const made = madeFrom(house, batch, eventsIn(log));
              if (batch.log !== null) await judgeFinished(store, batch, made);
              else if (batch.finishedAt !== null || isReady(batch, made))
                await finish(store, batch, made, log);
            } catch {
              // It is shown as one that cannot be read, with what can be done about it.
            }
          }
        });
      }
    },
    /** Why it is sold past a limit. */
    sellBecause: (id: string, saleReason: string): Promise<void> => change(id, { saleReason }),
    /** Gives a batch the name that it lacked. */
    name: async (id: string, name: string): Promise<void> => {
      const batch = await getAny(id);
      await change(id, { file: { ...batch.file, name: name.trim().slice(0, 120) } });
    },
    note: (id: string, notes: string): Promise<void> => change(id, { notes }),
    /** Something was added after the end: what it is now is judged, told and taken off the shelf. */
    amend: async (id: string, events: readonly BenchEvent[]): Promise<void> => {
      if (!events.every(isAmendment)) {
        throw new StoreError('not-an-amendment', {});
      }
      const house = await readCatalog(store);
      await store.transaction('rw', benchTables, async () => {
        const batch = await getOpen(id);
        if (batch.log === null) throw new StoreError('batch-on-bench', {});
        const log = events.reduce(
          (all: LogEntry[], event) => [...all, { seq: all.length + 1, at: now(), event }],
          await logOf(store, batch),
        );
        await finish(store, batch, madeFrom(house, batch, eventsIn(log)), log);
      });
    },
    review: (id: string, review: BatchRecord['review']): Promise<void> => change(id, { review }),
    /**
     * Takes a batch out of the log. It stays as a tombstone: its number never comes again.
     *
     * @param wasMade what it took stays off the shelf; else it is put back
     */
    remove: async (id: string, wasMade = true): Promise<void> => {
      const house = wasMade ? await readCatalog(store) : null;
      await store.transaction('rw', benchTables, async () => {
        const batch = await store.batches.get(id);
        if (!batch) throw new StoreError('deleted', { record: 'batch' });
        if (!house) await giveBack(store, id);
        // Of a finished batch it is in the ledgers already.
        else if (batch.log === null) {
          const log = eventsIn(await logOf(store, batch));
          try {
            await takeOffShelf(store, batch, madeFrom(house, batch, log), log);
          } catch {
            // One that cannot be read goes all the same; no one can say what it took.
          }
        }
        await change(id, { deletedAt: now() });
      });
    },
    /** Brings a batch back into the log; a finished one has taken what it took. */
    restore: async (id: string): Promise<void> => {
      const house = await readCatalog(store);
      await store.transaction('rw', benchTables, async () => {
        await change(id, { deletedAt: null });
        const batch = await getAny(id);
        if (batch.log === null) {
          await giveBack(store, id);
          return;
        }
        const log = eventsIn(await logOf(store, batch));
        await takeOffShelf(store, batch, madeFrom(house, batch, log), log);
      });
    },
  };
};

export const batches = batchStore();
