import { blendDraftSchema, emptyDraft, type BlendDraft } from '@jubbet/core';
import { db, type BlendRecord, type Database } from './database';
import { now } from './now';

/** What came of a write. */
interface Written {
  readonly draft: BlendDraft;
  readonly revision: number;
  readonly overtaken: boolean;
}

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
      revision: 1,
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
    /**
     * Writes a whole draft; what does not fit the schema is refused, not half written.
     * Where another tab has written since `seen`, its version stays, and is told.
     */
    write: (id: string, draft: BlendDraft, seen: number): Promise<Written> => {
      const parsed = blendDraftSchema.safeParse(draft);
      if (!parsed.success) return Promise.reject(parsed.error);
      return store.transaction('rw', store.blends, async () => {
        const found = await store.blends.get(id);
        if (!found) throw new Error('the blend is not in the book any more');
        if (found.revision > seen) {
          return { draft: found.draft, revision: found.revision, overtaken: true };
        }
        const revision = found.revision + 1;
        await store.blends.put({ ...found, draft: parsed.data, revision, updatedAt: now() });
        return { draft: parsed.data, revision, overtaken: false };
      });
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
