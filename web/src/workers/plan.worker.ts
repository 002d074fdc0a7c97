import '../parts/withoutEval';
import { planOf, type PlanRead } from '@jubbet/core/exchange';
import { expose } from 'comlink';
import { housePace } from '../store/housePace';

/** So much is looked for the first answer, and for the best that is told. */
const first = 2_000;
const thorough = 300_000;

/** Not more often than this, in ms: the page has other things to do. */
const reportEveryMs = 100;

const worker = {
  /**
   * Works a plan out, from the text of its file.
   *
   * @param onFirst told a first answer, that need not be the best
   * @param onProgress told now and then how far the search is, from 0 to 1
   */
  plan: async (
    text: string,
    onFirst: (answer: PlanRead) => void,
    onProgress: (share: number) => void,
  ): Promise<PlanRead> => {
    const pace = await housePace();
    const quick = planOf(text, { placements: first }, pace);
    if (!quick.ok || quick.report.proved) return quick;
    onFirst(quick);
    let last = performance.now();
    const tell = (share: number): boolean => {
      const at = performance.now();
      if (at - last >= reportEveryMs) {
        last = at;
        onProgress(share);
      }
      return false;
    };
    return planOf(text, { placements: thorough, onProgress: tell }, pace);
  },
};

export type PlanWorker = typeof worker;

expose(worker);
