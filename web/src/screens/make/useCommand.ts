import { capitalised } from '@jubbet/core/words';
import { useCallback } from 'react';
import { errorText } from '../../parts/errorText';
import { useNotice } from '../../parts/notice';

/** The way to ask something of a device: where it does not take it, that is stated. */
export const useCommand = (): ((send: () => Promise<void>) => void) => {
  const tell = useNotice();
  return useCallback(
    (send) =>
      void send().catch((error: unknown) => {
        const { reason, details } = errorText(error);
        tell({ text: `${capitalised(reason)}.`, details, alarm: true });
      }),
    [tell],
  );
};
