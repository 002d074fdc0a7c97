import { proxy, releaseProxy, wrap, type Remote } from 'comlink';
import type { HouseWorker } from './house.worker';

/** A worker for large acts on all data. What it does is one transaction: stopped, nothing was done. */
export interface HouseAct {
  readonly remote: Remote<HouseWorker>;
  /** Ends it; whatever waits for it is told that it was stopped. */
  readonly stop: () => void;
  /** What is asked of it, or why it was stopped. */
  readonly of: <T>(answer: Promise<T>) => Promise<T>;
}

/** It was stopped by the maker. */
export class Stopped extends Error {}

export const startHouseAct = (): HouseAct => {
  const worker = new Worker(new URL('./house.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<HouseWorker>(worker);
  let end: (error: Error) => void = () => undefined;
  const ended = new Promise<never>((_, reject) => {
    end = reject;
  });
  ended.catch(() => undefined);
  worker.addEventListener('error', ({ message }) => end(new Error(message)));
  return {
    remote,
    stop: () => {
      end(new Stopped('it was stopped'));
      remote[releaseProxy]();
      worker.terminate();
    },
    of: (answer) => Promise.race([answer, ended]),
  };
};

/** Tells a function of the page from the worker. */
export const progressProxy = (progress: (share: number) => void) => proxy(progress);

/** Judges batches that came in unjudged, in a worker, where there are any. */
export const mendInWorker = async (): Promise<void> => {
  const act = startHouseAct();
  try {
    await act.of(act.remote.mend());
  } finally {
    act.stop();
  }
};
