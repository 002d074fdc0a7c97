import { formatISO } from 'date-fns';

/** The moment, for records. */
export const now = (): string => new Date().toISOString();

/** A moment, or a thousandth of a second after another that is not before it. */
export const laterThan = (other: string, at: string): string =>
  at > other ? at : new Date(Date.parse(other) + 1).toISOString();

/** Today on the wall calendar, `2026-11-25`. */
export const today = (): string => formatISO(new Date(), { representation: 'date' });

const dayReaders = new Set<() => void>();
let stopLooking: (() => void) | null = null;

const lookForNewDay = (): (() => void) => {
  let day = today();
  const look = (): void => {
    if (today() === day) return;
    day = today();
    for (const changed of dayReaders) changed();
  };
  const timer = setInterval(look, 30_000);
  // A page that was asleep catches up at once.
  document.addEventListener('visibilitychange', look);
  return () => {
    clearInterval(timer);
    document.removeEventListener('visibilitychange', look);
  };
};

/** Told when the day on the wall calendar changes: a page that is left open goes on to the new day. */
export const onNewDay = (changed: () => void): (() => void) => {
  dayReaders.add(changed);
  stopLooking ??= lookForNewDay();
  return () => {
    dayReaders.delete(changed);
    if (dayReaders.size > 0) return;
    stopLooking?.();
    stopLooking = null;
  };
};
