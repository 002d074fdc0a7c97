import { useCallback } from 'react';
import { errorWords } from './errorWords';
import { useNotice } from './notice';
import { underWay } from './underWay';

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
        tell({
          text: `${what} could not be saved: ${errorWords(error)}. What you typed is still here.`,
          alarm: true,
          again: async () => {
            try {
              await underWay(write);
              tell({ text: `${what} is saved now.` });
            } catch (again) {
              tell({
                text: `${what} could still not be saved: ${errorWords(again)}.`,
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
