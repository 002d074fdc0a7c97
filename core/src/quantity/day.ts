import { addDays, addMonths, differenceInCalendarDays, formatISO, parseISO } from 'date-fns';

/** Milliseconds of a day. */
export const dayMs = 86_400_000;

/** A day of the calendar, `2026-11-25`. */
export type Day = string;

const dayOf = (date: Date): Day => formatISO(date, { representation: 'date' });

/** `months` after a day; the last of the month where the day is not in it. */
export const monthsAfter = (day: Day, months: number): Day =>
  dayOf(addMonths(parseISO(day), months));

/** `days` after a day. */
export const daysAfter = (day: Day, days: number): Day => dayOf(addDays(parseISO(day), days));

/** Days from one day to another; negative where the other is earlier. */
export const daysBetween = (from: Day, to: Day): number =>
  differenceInCalendarDays(parseISO(to), parseISO(from));

/** The day of a moment on the wall calendar of whoever reads it: `2026-11-25`. */
export const dayOfMoment = (at: string): Day => dayOf(parseISO(at));
