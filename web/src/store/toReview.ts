import { z } from 'zod';
import { db, type Database } from './database';
import { batches as batchKind } from './records/batches';
import { byIndex } from './byIndex';

/** So many batches, the last begun, are looked through. */
const mostBatches = 200;

/** Finished batches of which no one has said how they were. */
export const unreviewed = async (store: Database = db) =>
  (await byIndex(store.batches, 'startedAt').reverse().limit(mostBatches).toArray())
    .filter(
      ({ finishedAt, review, deletedAt, notToBeUsed, madeOn }) =>
        finishedAt !== null &&
        !review &&
        deletedAt === null &&
        !notToBeUsed &&
        z.iso.date().safeParse(madeOn).success,
    )
    .map((batch) => ({ id: batch.id, madeOn: batch.madeOn, of: String(batchKind.nameOf(batch)) }));
