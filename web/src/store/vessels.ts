import { ownVesselSchema, type OwnVessel } from '@jubbet/core';
import { db, type Database, type VesselRecord } from './database';
import { now } from './now';

/** Vessels of the house's own. */
export const vesselsStore = (store: Database = db) => ({
  list: async (): Promise<VesselRecord[]> =>
    (await store.vessels.toArray())
      .filter(({ deletedAt }) => deletedAt === null)
      .sort((a, b) => a.vessel.name.localeCompare(b.vessel.name)),
  get: async (id: string): Promise<VesselRecord | null> => {
    const found = await store.vessels.get(id);
    return found && found.deletedAt === null ? found : null;
  },
  add: async (vessel: OwnVessel): Promise<string> => {
    const id = crypto.randomUUID();
    const at = now();
    await store.vessels.add({
      id,
      vessel: ownVesselSchema.parse(vessel),
      createdAt: at,
      updatedAt: at,
      deletedAt: null,
    });
    return id;
  },
  /** Blends that go into it keep the measures with which they were written. */
  write: async (id: string, vessel: OwnVessel): Promise<void> => {
    const count = await store.vessels.update(id, {
      vessel: ownVesselSchema.parse(vessel),
      updatedAt: now(),
    });
    if (count === 0) throw new Error('this vessel is not in the house any more');
  },
  remove: async (id: string): Promise<void> => {
    await store.vessels.update(id, { deletedAt: now() });
  },
  restore: async (id: string): Promise<void> => {
    await store.vessels.update(id, { deletedAt: null });
  },
});

export const vessels = vesselsStore();
