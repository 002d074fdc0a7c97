import {
  nextBatchNumber,
  settled,
  type BenchEvent,
  type Blend,
  type BlendDraft,
  type BlendFile,
  type Evaluation,
} from '@jubbet/core';
import { db, type BatchRecord, type Database, type EventRecord } from './database';
import { keepDraft } from './drafts';
import { now, today } from './now';
import { settingsStore } from './settings';

interface Start {
  /** The sheet as it stands: kept as a draft of its own. */
  readonly draft: BlendDraft;
  readonly blendId: string;
  readonly file: BlendFile;
  readonly blend: Blend;
  readonly evaluation: Evaluation;
  readonly reason: string;
}

/** The log of batches and what happened at the bench. */
export const batchStore = (store: Database = db) => ({
  /** Numbers a batch and freezes its blend, in one transaction. */
  start: async ({
    blendId,
    draft,
    file,
    blend: { formula },
    evaluation,
    reason,
  }: Start): Promise<string> => {
    if (evaluation.hard) throw new Error('this blend is over with no way past it');
    if (evaluation.verdict === 'over' && reason.trim() === '') {
      throw new Error('a blend that is over needs a written reason');
    }
    return store.transaction('rw', store.batches, store.settings, store.drafts, async () => {
      const { batchPrefix } = await settingsStore(store).read();
      const madeOn = today();
      const taken = await store.batches.orderBy('number').keys();
      const id = crypto.randomUUID();
      await store.batches.add({
        id,
        number: nextBatchNumber(Number(madeOn.slice(0, 4)), taken.map(String), batchPrefix),
        blendId,
        file: settled(file, evaluation, formula),
        askedPercent: file.target?.percent ?? null,
        verdict: evaluation.verdict,
        reason: reason.trim(),
        startedAt: now(),
        finishedAt: null,
        madeOn,
        notes: '',
      });
      await keepDraft(store, blendId, draft, id);
      return id;
    });
  },
  get: async (id: string): Promise<BatchRecord | null> => (await store.batches.get(id)) ?? null,
  list: (): Promise<BatchRecord[]> => store.batches.orderBy('startedAt').reverse().toArray(),
  events: async (batchId: string): Promise<BenchEvent[]> =>
    (await store.events.where('batchId').equals(batchId).sortBy('seq')).map(({ event }) => event),
  /** Keeps events together; they are on the disk when the promise resolves. */
  record: async (batchId: string, events: readonly BenchEvent[]): Promise<void> => {
    const at = now();
    await store.events.bulkAdd(events.map((event) => ({ batchId, at, event })));
  },
  finish: async (id: string): Promise<void> => {
    await store.batches.update(id, { finishedAt: now() });
  },
  reopen: async (id: string): Promise<void> => {
    await store.batches.update(id, { finishedAt: null });
  },
  note: async (id: string, notes: string): Promise<void> => {
    await store.batches.update(id, { notes });
  },
  /** Takes a batch out of the log with its events; returned so that it can be put back. */
  remove: (id: string): Promise<{ batch: BatchRecord; events: EventRecord[] } | null> =>
    store.transaction('rw', store.batches, store.events, async () => {
      const batch = await store.batches.get(id);
      if (!batch) return null;
      const events = await store.events.where('batchId').equals(id).sortBy('seq');
      await store.events.where('batchId').equals(id).delete();
      await store.batches.delete(id);
      return { batch, events };
    }),
  putBack: (removed: { batch: BatchRecord; events: EventRecord[] }): Promise<void> =>
    store.transaction('rw', store.batches, store.events, async () => {
      await store.batches.put(removed.batch);
      await store.events.bulkPut(removed.events);
    }),
});

export const batches = batchStore();
