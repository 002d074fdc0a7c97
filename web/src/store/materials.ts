import { ownMaterialSchema, type OwnMaterial } from '@jubbet/core/catalog';
import { db, type Database, type MaterialRecord } from './database';
import { now } from './now';

/** Materials and figures of the house's own. */
export const materialsStore = (store: Database = db) => {
  /** Adds it, or takes the place of what bears its id. */
  const put = async (own: OwnMaterial): Promise<void> => {
    const at = now();
    const parsed = ownMaterialSchema.parse(own);
    await store.transaction('rw', store.materials, async () => {
      const before = await store.materials.get(parsed.id);
      await store.materials.put({
        id: parsed.id,
        own: parsed,
        createdAt: before?.createdAt ?? at,
        updatedAt: at,
        deletedAt: null,
      });
    });
  };
  return {
    list: async (): Promise<MaterialRecord[]> =>
      (await store.materials.toArray()).filter(({ deletedAt }) => deletedAt === null),
    put,
    /** Adds it, unless it is here already: what has been changed of it since stays. */
    /** @returns true where it was not there before */
    addOnce: (own: OwnMaterial): Promise<boolean> =>
      store.transaction('rw', store.materials, async () => {
        const before = await store.materials.get(own.id);
        const isNew = before?.deletedAt !== null;
        if (isNew) await put(own);
        return isNew;
      }),
    remove: async (id: string): Promise<void> => {
      const at = now();
      await store.materials.update(id, { deletedAt: at, updatedAt: at });
    },
    restore: async (id: string): Promise<void> => {
      await store.materials.update(id, { deletedAt: null, updatedAt: now() });
    },
  };
};

export const materials = materialsStore();
