import { bottleSchema } from '@jubbet/core/stock';
import { db, type BottleRecord, type Database } from './database';
import { keptRecords } from './keptRecords';

/** Bottles on the shelf. */
export const bottlesStore = (store: Database = db) =>
  keptRecords<BottleRecord, 'bottle'>(
    store.bottles,
    'bottle',
    (bottle) => bottleSchema.parse(bottle),
    'this bottle has been deleted',
  );

export const bottles = bottlesStore();
