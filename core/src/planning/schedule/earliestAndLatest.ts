import { always, openBefore, openFrom, type WeeklySpan } from './calendar';
import { reversed, type Capacity, type Job, type Problem, type Starts } from './problem';
import { asEarly, readBackwards, search, type Effort } from './search';

export type { Effort } from './search';

/** Batches on the clock, in minutes from the start. */
export interface OnTheClock {
  readonly starts: Starts;
  /** When the last is ready. */
  readonly finish: number;
  /** It cannot be sooner, however the steps are put. */
  readonly bound: number;
  /** The latest that work can begin with all still ready by the end; below 0 where it is too late. */
  readonly latest: number;
}

const firstOf = (starts: Starts): number => Math.min(...starts.flat());

/**
 * Puts batches on the clock: as early as can be, and how late one could begin.
 *
 * @param hours when hands may work; null for any time
 * @param startMinute, endMinute from when, and by when, by the wall clock from 1970-01-01T00:00
 */
export const earliestAndLatest = (
  jobs: readonly Job[],
  capacity: Capacity,
  hours: readonly WeeklySpan[] | null,
  { startMinute, endMinute }: { readonly startMinute: number; readonly endMinute: number },
  effort: Effort,
): OnTheClock => {
  const from = (minute: number) => (hours ? openFrom(hours, minute) : always);
  const before = (minute: number) => (hours ? openBefore(hours, minute) : always);
  const end = endMinute - startMinute;
  const half = (share: number): Effort => ({
    placements: effort.placements / 2,
    ...(effort.onProgress
      ? { onProgress: (done: number) => effort.onProgress?.(share + done / 2) ?? false }
      : {}),
  });
  const onward: Problem = { jobs, capacity, calendar: from(startMinute) };
  const backward: Problem = { jobs: reversed(jobs), capacity, calendar: before(endMinute) };
  // Read backwards the end is where time begins.
  const late = search(backward, (back) => from(endMinute - back), half(0));
  const lateStarts = readBackwards(backward.jobs, late.starts, end);
  const isInTime = firstOf(lateStarts) >= 0;
  const early = search(
    onward,
    (last) => before(startMinute + last),
    half(0.5),
    // What can be begun so late is in time, whether it can be moved forward or not.
    isInTime ? [asEarly(onward, lateStarts), lateStarts] : [],
  );
  let latest = end - late.finish;
  if (early.finish <= end && latest < 0) {
    // The way forward was found and the way back was not: it can at least be begun now.
    latest = 0;
  }
  return { starts: early.starts, finish: early.finish, bound: early.bound, latest };
};
