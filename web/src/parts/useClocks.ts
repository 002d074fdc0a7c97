import { runningClocks, type RunningClock } from '../store/clocks';
import { useStored } from '../store/useStored';
import { useSeconds } from '../ui/useSeconds';

/** A clock with what is left of it, in seconds; below zero once it is over. */
export interface Ticking extends RunningClock {
  readonly left: number;
}

/** All clocks that run, the next to be over first. */
export const useClocks = (): readonly Ticking[] => {
  const { data = [] } = useStored(['clocks'], () => runningClocks());
  const now = useSeconds(data.length > 0);
  return data.map((clock) => ({ ...clock, left: (Date.parse(clock.endsAt) - now) / 1000 }));
};
