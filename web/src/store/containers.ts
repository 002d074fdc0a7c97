import { ownContainerSchema } from '@jubbet/core/catalog';
import { byName } from '@jubbet/core/quantity';
import { db, type Database, type ContainerRecord } from './database';
import { softDeletedRecords } from './softDeletedRecords';

/** Containers of the house's own. Blends that go into one keep the measures they were written with. */
export const containersStore = (store: Database = db) => {
  const records = softDeletedRecords<ContainerRecord, 'container'>(
    store.containers,
    'container',
    (container) => ownContainerSchema.parse(container),
    'container',
  );
  return {
    ...records,
    list: async (): Promise<ContainerRecord[]> =>
      (await records.list()).sort((a, b) => byName(a.container.name, b.container.name)),
  };
};

export const containers = containersStore();
