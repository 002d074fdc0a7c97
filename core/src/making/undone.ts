import type { BenchEvent, LogEntry } from './event';

const isUndoneBy = ({ event: past }: LogEntry, event: BenchEvent): boolean =>
  (event.kind === 'take-back' && past.kind === 'drop' && past.step === event.step) ||
  (event.kind === 'reopened' && past.kind === 'done' && past.step === event.step);

/**
 * An event with what it undoes: the last drop of its step that still stands, or the last time that
 * its step was done. Anything else stays as it is.
 */
export const withUndone = (log: readonly LogEntry[], event: BenchEvent): BenchEvent => {
  if (event.kind !== 'take-back' && event.kind !== 'reopened') return event;
  const gone = new Set(log.flatMap((one) => ('undoes' in one.event ? [one.event.undoes] : [])));
  const found = log.findLast((one) => !gone.has(one.seq) && isUndoneBy(one, event));
  return { ...event, undoes: found?.seq ?? null };
};
