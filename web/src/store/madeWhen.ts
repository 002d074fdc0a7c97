import { db, type Database } from './database';
import { byIndex } from './byIndex';

/** How often a blend was made, and when. */
export interface MadeWhen {
  readonly times: number;
  /** When it was begun last, of what is finished; empty where it never was. */
  readonly last: string;
  /** How it was, from 1 to 5, in the mean; null where no one has said. */
  readonly mark: number | null;
  /** True while one of it is on the bench. */
  readonly onBench: boolean;
}

/** When blends were made: what the book asks, without the rest that is known of batches. */
const madeWhenStore = (store: Database = db) => ({
  of: async (blendId: string): Promise<MadeWhen> => {
    const all = (await store.batches.where('blendId').equals(blendId).toArray()).filter(
      ({ deletedAt }) => deletedAt === null,
    );
    const made = all.filter(({ finishedAt }) => finishedAt !== null);
    const marks = made.flatMap(({ review }) => (review ? [review.mark] : []));
    return {
      times: made.length,
      mark: marks.length === 0 ? null : marks.reduce((sum, mark) => sum + mark, 0) / marks.length,
      last: made.reduce((latest, { startedAt }) => (startedAt > latest ? startedAt : latest), ''),
      onBench: made.length < all.length,
    };
  },
  /** When each blend was begun last, by its id; from an index, so that no batch is read. */
  last: async (): Promise<ReadonlyMap<string, string>> => {
    const [keys, ids, gone] = await Promise.all([
      byIndex(store.batches, '[blendId+startedAt]').keys(),
      byIndex(store.batches, '[blendId+startedAt]').primaryKeys(),
      byIndex(store.batches, 'deletedAt').primaryKeys(),
    ]);
    const out = new Set(gone);
    // In order, so that the last one of each blend stays.
    return new Map(
      (keys as unknown as [string, string][]).filter((_, n) => !out.has(ids[n] ?? '')),
    );
  },
});

export const madeWhen = madeWhenStore();
