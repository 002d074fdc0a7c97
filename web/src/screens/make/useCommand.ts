import { useCallback } from 'react';
import { errorWords } from '../../parts/errorWords';
import { useNotice } from '../../parts/notice';

/** The way to ask something of a device: where it does not take it, that is said. */
export const useCommand = (): ((ask: () => Promise<void>) => void) => {
  const tell = useNotice();
  return useCallback(
    (ask) => void ask().catch((error: unknown) => tell({ text: errorWords(error), alarm: true })),
    [tell],
  );
};
