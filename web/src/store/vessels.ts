import { ownVesselSchema } from '@jubbet/core';
import { db, type Database, type VesselRecord } from './database';
import { keptRecords } from './keptRecords';

/** Vessels of the house's own. Blends that go into one keep the measures they were written with. */
export const vesselsStore = (store: Database = db) => {
  const records = keptRecords<VesselRecord, 'vessel'>(
    store.vessels,
    'vessel',
    (vessel) => ownVesselSchema.parse(vessel),
    'this vessel is not in the house any more',
  );
  return {
    ...records,
    list: async (): Promise<VesselRecord[]> =>
      (await records.list()).sort((a, b) => a.vessel.name.localeCompare(b.vessel.name)),
  };
};

export const vessels = vesselsStore();
