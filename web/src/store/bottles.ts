import { bottleSchema, type Bottle } from '@jubbet/core';
import { db, type BottleRecord, type Database } from './database';
import { now } from './now';

/** Bottles on the shelf. */
export const bottlesStore = (store: Database = db) => ({
  list: async (): Promise<BottleRecord[]> =>
    (await store.bottles.toArray()).filter(({ deletedAt }) => deletedAt === null),
  get: async (id: string): Promise<BottleRecord | null> => {
    const found = await store.bottles.get(id);
    return found && found.deletedAt === null ? found : null;
  },
  add: async (bottle: Bottle): Promise<string> => {
    const id = crypto.randomUUID();
    const at = now();
    await store.bottles.add({
      id,
      bottle: bottleSchema.parse(bottle),
      createdAt: at,
      updatedAt: at,
      deletedAt: null,
    });
    return id;
  },
  write: async (id: string, bottle: Bottle): Promise<void> => {
    const count = await store.bottles.update(id, {
      bottle: bottleSchema.parse(bottle),
      updatedAt: now(),
    });
    if (count === 0) throw new Error('this bottle is not on the shelf any more');
  },
  remove: async (id: string): Promise<void> => {
    await store.bottles.update(id, { deletedAt: now() });
  },
  restore: async (id: string): Promise<void> => {
    await store.bottles.update(id, { deletedAt: null });
  },
});

export const bottles = bottlesStore();
