import { fileOf } from '@jubbet/core/exchange';
import { db, type Database } from './database';
import { plannedRecipe } from './madeBlend';
import { now } from './now';
import { StoreError } from './storeError';

/**
 * Writes the maker's own words beside a step: into the batch, and into the blend that it was made
 * of, where that is still there.
 *
 * @param step whatever its container
 */
export const writeStepWords = (
  batchId: string,
  step: string,
  words: string,
  store: Database = db,
): Promise<void> =>
  store.transaction('rw', [store.batches, store.blends], async () => {
    const batch = await store.batches.get(batchId);
    if (!batch || batch.deletedAt !== null) throw new StoreError('deleted', { record: 'batch' });
    const withWords = (before: Readonly<Record<string, string>>): Record<string, string> => {
      const { [step]: _gone, ...rest } = before;
      return words === '' ? rest : { ...rest, [step]: words };
    };
    const at = now();
    const planned = plannedRecipe(batch);
    const file = fileOf({ ...planned, stepWords: withWords(planned.stepWords) });
    await store.batches.put({ ...batch, file, updatedAt: at });
    const blend = await store.blends.get(batch.blendId);
    if (!blend) return;
    await store.blends.put({
      ...blend,
      recipe: { ...blend.recipe, stepWords: withWords(blend.recipe.stepWords) },
      revision: blend.revision + 1,
      updatedAt: at,
    });
  });
