import { recipeSchema, type Recipe } from '@jubbet/core/recipe';
import { db, type Database, type DraftRecord } from './database';
import { now } from './now';
import { newId } from './newId';

const ofBlend = (store: Database, blendId: string): Promise<DraftRecord[]> =>
  store.drafts.where('blendId').equals(blendId).toArray();

/**
 * Keeps a blend as it is now. Within a transaction of the caller's where there is one.
 *
 * @param batchId the batch that is made of it; null where it is kept without one
 */
export const keepDraft = (
  store: Database,
  blendId: string,
  recipe: Recipe,
  batchId: string | null,
  name = '',
): Promise<string> =>
  store.transaction('rw', store.drafts, async () => {
    const id = newId();
    const at = now();
    const numbers = (await ofBlend(store, blendId)).map(({ number }) => number);
    await store.drafts.add({
      id,
      blendId,
      number: Math.max(0, ...numbers) + 1,
      name,
      good: '',
      recipe: recipeSchema.parse(recipe),
      at,
      updatedAt: at,
      batchId,
    });
    return id;
  });

/** Drafts of blends: how they were, by name, with what was good. */
export const draftStore = (store: Database = db) => ({
  keep: (blendId: string, recipe: Recipe, name = '') =>
    keepDraft(store, blendId, recipe, null, name),
  list: async (blendId: string): Promise<DraftRecord[]> =>
    (await ofBlend(store, blendId)).sort((a, b) => b.number - a.number),
  write: async (id: string, words: Partial<Pick<DraftRecord, 'name' | 'good'>>): Promise<void> => {
    await store.drafts.update(id, { ...words, updatedAt: now() });
  },
  remove: async (id: string): Promise<DraftRecord | null> => {
    const found = await store.drafts.get(id);
    await store.drafts.delete(id);
    return found ?? null;
  },
  putBack: async (record: DraftRecord): Promise<void> => {
    await store.drafts.put(record);
  },
});

export const drafts = draftStore();
