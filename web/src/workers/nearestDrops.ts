import type { Recipe } from '@jubbet/core/recipe';
import type { DropPlan } from '@jubbet/core/drops';
import { releaseProxy, wrap } from 'comlink';
import { readMaterials } from '../store/houseCatalog';
import type { NearestDropsWorker } from './nearestDrops.worker';

/**
 * Looks in a worker until the nearest drops are proved.
 *
 * @param signal stops the search, worker and all
 */
export const nearestDrops = async (
  recipe: Recipe,
  signal: AbortSignal,
): Promise<DropPlan | null> => {
  const house = await readMaterials();
  signal.throwIfAborted();
  const worker = new Worker(new URL('./nearestDrops.worker.ts', import.meta.url), {
    type: 'module',
  });
  const remote = wrap<NearestDropsWorker>(worker);
  const stopped = new Promise<never>((_, reject) => {
    signal.addEventListener('abort', () => reject(new DOMException('Stopped', 'AbortError')));
    worker.addEventListener('error', ({ message }) => reject(new Error(message)));
  });
  try {
    return await Promise.race([remote.nearest(recipe, house), stopped]);
  } finally {
    remote[releaseProxy]();
    worker.terminate();
  }
};
