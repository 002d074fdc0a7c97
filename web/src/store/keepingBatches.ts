import { z } from 'zod';
import type { Day } from '@jubbet/core/quantity';
import { db, type Database } from './database';
import { batches as batchKind } from './records/batches';
import { byIndex } from './byIndex';

/** How long a batch keeps. */
interface KeepingBatch {
  readonly id: string;
  /** With its number. */
  readonly name: string;
  readonly madeOn: Day;
  readonly until: Day;
}

/** Batches that were finished and have a best before, the last begun first, so many at most. */
export const keepingBatches = async (
  most: number,
  store: Database = db,
): Promise<readonly KeepingBatch[]> => {
  const last = await byIndex(store.batches, 'startedAt').reverse().limit(most).toArray();
  return last.flatMap((batch) => {
    const { id, number, madeOn, made, deletedAt, notToBeUsed } = batch;
    const name = String(batchKind.nameOf(batch));
    const isDated = [made?.bestBefore, madeOn].every((day) => z.iso.date().safeParse(day).success);
    return isDated && made?.bestBefore && deletedAt === null && !notToBeUsed
      ? [
          {
            id,
            name: name === number ? name : `${name}, ${number}`,
            madeOn,
            until: made.bestBefore,
          },
        ]
      : [];
  });
};
