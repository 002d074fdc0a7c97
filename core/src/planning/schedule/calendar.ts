import type { Calendar } from './problem';

/** A span of a day of the week: minutes from midnight, Monday is 0. */
export interface WeeklySpan {
  readonly day: number;
  readonly from: number;
  readonly to: number;
}

const day = 1440;
const week = 7 * day;

/** Minute 0 is midnight before a Thursday. */
const mondayBefore = -3 * day;

/** Spans of one week from Monday on, with those that meet or overlap made one. */
const merged = (spans: readonly WeeklySpan[]): { from: number; to: number }[] => {
  const inOrder = spans
    .map(({ day: of, from, to }) => ({ day: of, from: of * day + from, to: of * day + to }))
    .sort((a, b) => a.from - b.from);
  const whole: { day: number; from: number; to: number }[] = [];
  for (const span of inOrder) {
    const last = whole.at(-1);
    // Within a day each: what ends at midnight does not go on into the next.
    if (last && last.day === span.day && span.from <= last.to) {
      last.to = Math.max(last.to, span.to);
    } else whole.push({ ...span });
  }
  return whole;
};

/** Hands may work at any time. */
export const always: Calendar = { span: () => ({ from: 0, to: Infinity }) };

/**
 * When hands may work from a minute on, as minutes after it.
 *
 * @param spans of every week, at least one
 * @param startMinute by the wall clock, counted from 1970-01-01T00:00
 */
export const openFrom = (spans: readonly WeeklySpan[], startMinute: number): Calendar => {
  const weekly = merged(spans);
  const found: { from: number; to: number }[] = [];
  let base = Math.floor((startMinute - mondayBefore) / week) * week + mondayBefore;
  let next = 0;
  return {
    span: (n) => {
      while (found.length <= n) {
        const { from, to } = weekly[next]!;
        const end = base + to - startMinute;
        if (end > 0) found.push({ from: Math.max(0, base + from - startMinute), to: end });
        next += 1;
        if (next === weekly.length) {
          next = 0;
          base += week;
        }
      }
      return found[n]!;
    },
  };
};

/** The same before a minute, as minutes back from it. */
export const openBefore = (spans: readonly WeeklySpan[], endMinute: number): Calendar => {
  const weekly = merged(spans);
  const found: { from: number; to: number }[] = [];
  let base = Math.floor((endMinute - mondayBefore) / week) * week + mondayBefore;
  let next = weekly.length - 1;
  return {
    span: (n) => {
      while (found.length <= n) {
        const { from, to } = weekly[next]!;
        const end = endMinute - (base + from);
        if (end > 0) found.push({ from: Math.max(0, endMinute - (base + to)), to: end });
        next -= 1;
        if (next < 0) {
          next = weekly.length - 1;
          base -= week;
        }
      }
      return found[n]!;
    },
  };
};

/** The number of the first span in which so many minutes can lie from a minute on. */
export const spanFor = (calendar: Calendar, from: number, minutes: number, near = 0): number => {
  let n = near;
  while (n > 0 && calendar.span(n - 1).to > from) n -= 1;
  for (; ; n += 1) {
    const span = calendar.span(n);
    if (Math.max(from, span.from) + minutes <= span.to) return n;
  }
};

/** The first minute from one on from which a span lasts so long. */
export const firstWithin = (calendar: Calendar, from: number, minutes: number): number =>
  Math.max(from, calendar.span(spanFor(calendar, from, minutes)).from);

/** The longest span there is, in minutes. */
export const longestSpan = (spans: readonly WeeklySpan[]): number =>
  Math.max(...merged(spans).map(({ from, to }) => to - from));
