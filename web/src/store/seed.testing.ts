import type { Database } from './database';
import { seedFirst } from './seed';
import { seedBatches } from './seedBatches';

/** Furnishes a store in both its halves, as the application does on its first start. */
export const seedOnce = async (store: Database, day: string): Promise<void> => {
  if (await seedFirst(store, day)) await seedBatches(store, day);
};
