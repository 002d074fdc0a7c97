import type { PlanRead } from '@jubbet/core/exchange';
import { proxy, releaseProxy, wrap } from 'comlink';
import type { PlanWorker } from './plan.worker';

/** What is told while a plan is worked out. */
export interface PlanTold {
  /** A first answer, that need not be the best. */
  readonly onFirst: (answer: PlanRead) => void;
  /** How far the search is, from 0 to 1. */
  readonly onProgress: (share: number) => void;
}

/**
 * Works a plan out in a worker.
 *
 * @param text the plan as a file
 * @param signal stops it, worker and all
 */
export const planInWorker = async (
  text: string,
  { onFirst, onProgress }: PlanTold,
  signal: AbortSignal,
): Promise<PlanRead> => {
  signal.throwIfAborted();
  const worker = new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<PlanWorker>(worker);
  const stopped = new Promise<never>((_, reject) => {
    signal.addEventListener('abort', () => reject(new DOMException('Stopped', 'AbortError')));
    worker.addEventListener('error', ({ message }) => reject(new Error(message)));
  });
  try {
    return await Promise.race([remote.plan(text, proxy(onFirst), proxy(onProgress)), stopped]);
  } finally {
    remote[releaseProxy]();
    worker.terminate();
  }
};
