import type { BlendDraft, DropPlan } from '@jubbet/core';
import { releaseProxy, wrap } from 'comlink';
import { readLibrary } from '../store/library';
import type { NearestDropsWorker } from './nearestDrops.worker';

/**
 * Looks in a worker until the nearest drops are proved.
 *
 * @param signal stops the search, worker and all
 */
export const nearestDrops = async (
  draft: BlendDraft,
  signal: AbortSignal,
): Promise<DropPlan | null> => {
  const library = await readLibrary();
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
    return await Promise.race([remote.nearest(draft, library), stopped]);
  } finally {
    remote[releaseProxy]();
    worker.terminate();
  }
};
