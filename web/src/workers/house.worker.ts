import '../parts/withoutEval';
import type { HouseFileProblem } from '@jubbet/core/words';
import { expose } from 'comlink';
import { batches } from '../store/batches';
import { db } from '../store/database';
import { house, type ImportMode, type Summary } from '../store/house';
import type { ImportConflicts } from '../store/addHouse';
import { largestHouse } from '../store/zipEntries';
import { today } from '../store/now';
import { putExampleIn } from '../store/putExample';
import type { HouseFile, LeftOut } from '../store/readHouse';

/** Called with how far it is, from 0 to 1. */
type Progress = (share: number) => void;

/** A file that was read, and what getting it in would do. */
export type ReadResult =
  | {
      readonly ok: true;
      readonly savedAt: string;
      readonly summary: Summary;
      readonly leftOut: readonly LeftOut[];
      readonly damaged: readonly string[];
    }
  | { readonly ok: false; readonly problem: HouseFileProblem };

/** Not more often than this, in ms: the page has other things to do. */
const reportEveryMs = 100;

const throttled = (progress: Progress): Progress => {
  let last = 0;
  return (share) => {
    const at = performance.now();
    if (at - last < reportEveryMs) return;
    last = at;
    progress(share);
  };
};

/** What was read stays here, and never goes through the page. */
const read: { file: HouseFile | null } = { file: null };

const worker = {
  save: async (
    progress: Progress,
    allPhotographs: boolean,
  ): Promise<{ blob: Blob; unreadable: readonly LeftOut[] }> => {
    const { parts, unreadable } = await house.write(throttled(progress), allPhotographs);
    return { blob: new Blob([...parts], { type: 'application/zip' }), unreadable };
  },
  look: async (file: Blob, progress: Progress): Promise<ReadResult> => {
    if (file.size > largestHouse) return { ok: false, problem: { code: 'too-large' } };
    const bytes = new Uint8Array(await file.arrayBuffer());
    const result = await house.read(bytes, throttled(progress));
    if (!result.ok) return result;
    read.file = result;
    const { savedAt, leftOut, damaged } = result;
    return { ok: true, savedAt, leftOut, damaged, summary: await house.summary(result) };
  },
  bringIn: async (
    manner: ImportMode,
    keepPhotographs: boolean,
    progress: Progress,
  ): Promise<ImportConflicts> => {
    if (!read.file) throw new Error('no file was read');
    const brought = await house.importHouse(
      read.file,
      manner,
      throttled(progress),
      keepPhotographs,
    );
    read.file = null;
    return brought;
  },
  putExampleIn: () => putExampleIn(db, today()),
  clear: () => house.clear(),
  goBack: () => house.goBack(),
  /** Judges what came in: a file is not believed. */
  mend: () => batches.mend(),
};

export type HouseWorker = typeof worker;

expose(worker);
