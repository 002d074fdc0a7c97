import { daysBetween, monthsAfter, type Day } from '../quantity';

/** How long something keeps. */
export interface Keeps {
  /** Opened or made; null where that is not known. */
  readonly from: Day | null;
  readonly until: Day;
}

/** A stretch of the calendar, from the first of a month to the first of another. */
export interface TimeLine {
  readonly first: Day;
  readonly last: Day;
  /** First days of the months that are named on it. */
  readonly marks: readonly Day[];
}

/** So many months before and after today are on it at the most. */
const mostBefore = 24;
const mostAfter = 48;
/** More marks than this run into each other. */
const mostMarks = 9;

const monthOf = (day: Day): Day => `${day.slice(0, 7)}-01`;

/** A line of time on which all of these are, with today; what is far off is at its ends. */
export const timeLineOf = (today: Day, all: readonly Keeps[]): TimeLine => {
  const days = all.flatMap(({ from, until }) => [from ?? until, until]);
  const within = (day: Day): Day =>
    [monthsAfter(today, -mostBefore), day, monthsAfter(today, mostAfter)].sort()[1] ?? day;
  const shown = [today, ...days.map(within)].sort();
  const first = monthOf(shown[0] ?? today);
  const last = monthsAfter(monthOf(shown[shown.length - 1] ?? today), 1);
  const months = Math.round(daysBetween(first, last) / 30.44);
  const step = [1, 2, 3, 6, 12].find((each) => months / each <= mostMarks) ?? 12;
  const marks: Day[] = [];
  for (let month = first; month < last; month = monthsAfter(month, 1)) {
    if ((Number(month.slice(5, 7)) - 1) % step === 0) marks.push(month);
  }
  return { first, last, marks };
};

/** Where a day is on a line of time, 0 to 1; what lies outside at its end. */
export const placeOnLine = ({ first, last }: TimeLine, day: Day): number =>
  Math.min(1, Math.max(0, daysBetween(first, day) / daysBetween(first, last)));

/** How a date is to today. */
export type Standing = 'past' | 'soon' | 'later';

/** So many days before its date something is to be used soon. */
const soonDays = 60;

export const standingOf = (today: Day, { until }: Pick<Keeps, 'until'>): Standing =>
  until < today ? 'past' : daysBetween(today, until) <= soonDays ? 'soon' : 'later';
