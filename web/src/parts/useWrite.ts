import { useCallback } from 'react';
import { detailsOf } from './detailsOf';
import type { ErrorText } from './errorText';
import { useNotice } from './notice';
import { underWay } from './underWay';

/** Why a write failed; its words are loaded then, and where even that fails, the details are all. */
const textOf = (error: unknown): Promise<ErrorText> =>
  import('./errorText').then(
    ({ errorText }) => errorText(error),
    () => ({ reason: 'something went wrong', details: detailsOf(error) }),
  );

/**
 * The way to write: where it fails it says so, keeps what was typed on the screen, and can be
 * tried again. Nothing is written in silence.
 *
 * @returns what the write came to; undefined where it failed
 */
export const useWrite = () => {
  const tell = useNotice();
  return useCallback(
    async <T>(what: string, write: () => Promise<T>): Promise<T | undefined> => {
      try {
        return await underWay(write);
      } catch (error) {
        const { reason, details } = await textOf(error);
        tell({
          text: `${what} could not be saved: ${reason}. What you typed is still here.`,
          details,
          alarm: true,
          again: async () => {
            try {
              await underWay(write);
              tell({ text: `${what} is saved now.` });
            } catch (second) {
              const still = await textOf(second);
              tell({
                text: `${what} could still not be saved: ${still.reason}.`,
                details: still.details,
                alarm: true,
              });
            }
          },
        });
        return undefined;
      }
    },
    [tell],
  );
};
