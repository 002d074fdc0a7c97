import type { ReadRecipe } from '@jubbet/core/reading';
import { releaseProxy, wrap } from 'comlink';
import { readMaterials } from '../store/houseCatalog';
import type { ReadTextWorker } from './readText.worker';

/**
 * Reads the recipes of a long text in a worker.
 *
 * @param signal stops it, worker and all
 */
export const readTextInWorker = async (
  text: string,
  signal: AbortSignal,
): Promise<readonly ReadRecipe[]> => {
  const house = await readMaterials();
  signal.throwIfAborted();
  const worker = new Worker(new URL('./readText.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<ReadTextWorker>(worker);
  const stopped = new Promise<never>((_, reject) => {
    signal.addEventListener('abort', () => reject(new DOMException('Stopped', 'AbortError')));
    worker.addEventListener('error', ({ message }) => reject(new Error(message)));
  });
  try {
    return await Promise.race([remote.read(text, house), stopped]);
  } finally {
    remote[releaseProxy]();
    worker.terminate();
  }
};
