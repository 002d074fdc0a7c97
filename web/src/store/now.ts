import { formatISO } from 'date-fns';

/** The moment, for records. */
export const now = (): string => new Date().toISOString();

/** A moment, or a thousandth of a second after another that is not before it. */
export const laterThan = (other: string, at: string): string =>
  at > other ? at : new Date(Date.parse(other) + 1).toISOString();

/** Today on the wall calendar, `2026-11-25`. */
export const today = (): string => formatISO(new Date(), { representation: 'date' });

const dayReaders = new Set<() => void>();
let looking = false;

const tellReaders = (): void => {
  for (const changed of dayReaders) changed();
};

/** Told now and then, so that a page that is left open over midnight goes on to the new day. */
export const onNewDay = (changed: () => void): (() => void) => {
  dayReaders.add(changed);
  if (!looking) setInterval(tellReaders, 30_000);
  looking = true;
  return () => dayReaders.delete(changed);
};
