import { type Day, dayMs } from '../quantity';

/** A moment in ISO form, or a day: both sort by time. */
type When = string;

/** One thing that needs doing, and since when or by when. */
export interface Todo<T = unknown> {
  readonly kind:
    'reaction' | 'read-test' | 'clock' | 'bottle-date' | 'batch-date' | 'running-out' | 'review';
  /** Stays the same from day to day. */
  readonly id: string;
  readonly when: When;
  /** It is late, or past. */
  readonly isLate: boolean;
  readonly of: T;
}

/** A date that comes within so many days is reported ahead. */
const aheadDays = 30;
/** A bottle with less than this share of what it holds runs out. */
const lowShare = 0.1;
/** How a batch was is asked after so many days, and not for ever. */
const reviewAfterDays = 5;
const reviewUntilDays = 30;

const plus = (day: Day, days: number): Day =>
  new Date(Date.parse(day) + days * dayMs).toISOString().slice(0, 10);

/** Bottles whose date passes soon or has passed. */
export const datesToMind = <T>(
  kind: 'bottle-date' | 'batch-date',
  keeps: readonly { readonly id: string; readonly until: Day; readonly of: T }[],
  today: Day,
): readonly Todo<T>[] =>
  keeps
    .filter(({ until }) => until <= plus(today, aheadDays))
    .map(({ id, until, of }) => ({
      kind,
      id: `${kind}/${id}`,
      when: until,
      isLate: until < today,
      of,
    }));

/** Bottles in which little is left. */
export const runningOut = <T>(
  bottles: readonly {
    readonly id: string;
    readonly left: number;
    readonly size: number;
    readonly of: T;
  }[],
  today: Day,
): readonly Todo<T>[] =>
  bottles
    .filter(({ left, size }) => left < lowShare * size)
    .map(({ id, left, of }) => ({
      kind: 'running-out',
      id: `running-out/${id}`,
      when: today,
      isLate: left <= 0,
      of,
    }));

/** Batches of which no one has said how they were. */
export const toReview = <T>(
  batches: readonly { readonly id: string; readonly madeOn: Day; readonly of: T }[],
  today: Day,
): readonly Todo<T>[] =>
  batches
    .filter(
      ({ madeOn }) =>
        plus(madeOn, reviewAfterDays) <= today && today <= plus(madeOn, reviewUntilDays),
    )
    .map(({ id, madeOn, of }) => ({
      kind: 'review',
      id: `review/${id}`,
      when: plus(madeOn, reviewAfterDays),
      isLate: false,
      of,
    }));

/** What is late first, then by time. */
export const inTurn = <T extends Todo>(todos: readonly T[]): readonly T[] =>
  [...todos].sort((a, b) => Number(b.isLate) - Number(a.isLate) || a.when.localeCompare(b.when));
