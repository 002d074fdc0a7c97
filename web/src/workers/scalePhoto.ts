import { releaseProxy, wrap } from 'comlink';
import type { PhotoWorker, Scaled } from './photo.worker';
import { CodedError } from '@jubbet/core/words';

/** More than this no camera writes, in bytes. */
const largestFile = 40_000_000;

/**
 * A picture of a camera as it is kept: small, and without what the camera wrote into it.
 *
 * @throws where it is no picture, or too large
 */
export const scalePhoto = async (file: Blob): Promise<Scaled> => {
  if (file.size > largestFile) throw new CodedError('photograph-too-large', {});
  const worker = new Worker(new URL('./photo.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<PhotoWorker>(worker);
  const failed = new Promise<never>((_, reject) => {
    worker.addEventListener('error', ({ message }) => reject(new Error(message)));
  });
  try {
    return await Promise.race([remote.scale(file), failed]);
  } catch {
    throw new CodedError('not-a-picture', {});
  } finally {
    remote[releaseProxy]();
    worker.terminate();
  }
};
