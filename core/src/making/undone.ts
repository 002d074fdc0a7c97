import type { BenchEvent, LogEntry } from './event';

const isUndoneBy = ({ event: past }: LogEntry, event: BenchEvent): boolean =>
  (event.kind === 'take-back' && past.kind === 'drop' && past.step === event.step) ||
  (event.kind === 'reopened' && past.kind === 'done' && past.step === event.step);

/**
 * An event with what it undoes: the last drop of its step that still counts, or the last time that
 * its step was done. Anything else stays as it is.
 */
export const withUndone = (log: readonly LogEntry[], event: BenchEvent): BenchEvent => {
  if (event.kind !== 'take-back' && event.kind !== 'reopened') return event;
  const gone = new Set(
    log.flatMap((entry) => ('undoes' in entry.event ? [entry.event.undoes] : [])),
  );
  const found = log.findLast((entry) => !gone.has(entry.seq) && isUndoneBy(entry, event));
  return { ...event, undoes: found?.seq ?? null };
};
