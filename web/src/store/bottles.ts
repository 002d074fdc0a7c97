import { bottleSchema } from '@jubbet/core/stock';
import { db, type BottleRecord, type Database } from './database';
import { keptRecords } from './keptRecords';

/** Bottles on the shelf. */
export const bottlesStore = (store: Database = db) =>
  keptRecords<BottleRecord, 'bottle'>(
    store.bottles,
    'bottle',
    (bottle) => bottleSchema.parse(bottle),
    'this bottle is not on the shelf any more',
  );

export const bottles = bottlesStore();
