import { blendDraftSchema, emptyDraft, type BlendDraft } from '@jubbet/core';
import { db, type BlendRecord, type Database } from './database';
import { now } from './now';

const newest = (a: BlendRecord, b: BlendRecord): number => (a.updatedAt < b.updatedAt ? 1 : -1);

/** The book of blends. Every act is one transaction. */
export const blendStore = (store: Database = db) => {
  const add = async (draft: BlendDraft): Promise<string> => {
    const at = now();
    const id = crypto.randomUUID();
    await store.blends.add({
      id,
      draft: blendDraftSchema.parse(draft),
      createdAt: at,
      updatedAt: at,
      deletedAt: null,
    });
    return id;
  };
  return {
    add,
    create: () => add(emptyDraft()),
    get: async (id: string): Promise<BlendRecord | null> => {
      const found = await store.blends.get(id);
      return found && found.deletedAt === null ? found : null;
    },
    list: async (): Promise<BlendRecord[]> =>
      (await store.blends.toArray()).filter(({ deletedAt }) => deletedAt === null).sort(newest),
    /** Writes a whole draft; what does not fit the schema is refused, not half written. */
    write: async (id: string, draft: BlendDraft): Promise<void> => {
      const parsed = blendDraftSchema.parse(draft);
      await store.blends.update(id, { draft: parsed, updatedAt: now() });
    },
    copy: (id: string): Promise<string> =>
      store.transaction('rw', store.blends, async () => {
        const found = await store.blends.get(id);
        if (!found) throw new Error('the blend to copy is gone');
        return add({ ...found.draft, name: `${found.draft.name || 'Without a name'}, copy` });
      }),
    remove: async (id: string): Promise<void> => {
      await store.blends.update(id, { deletedAt: now() });
    },
    restore: async (id: string): Promise<void> => {
      await store.blends.update(id, { deletedAt: null });
    },
  };
};

export const blends = blendStore();
