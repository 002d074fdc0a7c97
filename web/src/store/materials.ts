import { ownMaterialSchema, type OwnMaterial } from '@jubbet/core/catalog';
import { db, type Database, type MaterialRecord } from './database';
import { now } from './now';

/** Materials and figures of the house's own. */
export const materialsStore = (store: Database = db) => ({
  list: async (): Promise<MaterialRecord[]> =>
    (await store.materials.toArray()).filter(({ deletedAt }) => deletedAt === null),
  /** Adds it, or takes the place of what bears its id. */
  put: async (own: OwnMaterial): Promise<void> => {
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
  },
  remove: async (id: string): Promise<void> => {
    await store.materials.update(id, { deletedAt: now() });
  },
  restore: async (id: string): Promise<void> => {
    await store.materials.update(id, { deletedAt: null });
  },
});

export const materials = materialsStore();
