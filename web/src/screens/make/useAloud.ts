import type { BenchEvent, Tally } from '@jubbet/core/making';
import { useCallback } from 'react';
import { click, say } from '../../parts/sound';
import { settings } from '../../store/settings';
import { useStored } from '../../store/useStored';

/** Says each drop aloud once it is on the disk, where the maker wants to hear it. */
export const useAloud = (): ((events: readonly BenchEvent[], tally: Tally) => void) => {
  const aloud = useStored(['settings'], () => settings.read()).data?.aloud ?? 'off';
  return useCallback(
    (events, tally) => {
      const last = events[events.length - 1];
      if (last?.kind !== 'drop' && last?.kind !== 'take-back') return;
      if (aloud === 'click' && last.kind === 'drop') click();
      if (aloud === 'number') say(String(tally.drops.get(last.step) ?? 0));
    },
    [aloud],
  );
};
