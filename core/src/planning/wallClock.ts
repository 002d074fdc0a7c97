/** A moment by the wall clock, without a zone: `2026-12-12T09:00`. */
export type Moment = string;

const msPerMinute = 60_000;

/** Minutes from 1970-01-01T00:00 to a moment, a day being 1,440 of them. */
export const minuteOf = (moment: Moment): number => Date.parse(`${moment}:00Z`) / msPerMinute;

/** The moment so many minutes after 1970-01-01T00:00. */
export const momentOf = (minute: number): Moment =>
  new Date(minute * msPerMinute).toISOString().slice(0, 16);
