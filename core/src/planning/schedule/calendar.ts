import type { Calendar } from './problem';

type Span = ReturnType<Calendar['span']>;

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

/** Spans as they are asked for, one after another without an end. */
const asked = (spans: Iterator<Span, never>): Calendar => {
  const found: Span[] = [];
  return {
    span: (n) => {
      while (found.length <= n) found.push(spans.next().value);
      return found[n] ?? { from: Infinity, to: Infinity };
    },
  };
};

/** The week that a minute is in: its Monday, midnight. */
const weekOf = (minute: number): number =>
  Math.floor((minute - mondayBefore) / week) * week + mondayBefore;

function* onward(weekly: readonly Span[], start: number): Generator<Span, never> {
  for (let base = weekOf(start); ; base += week) {
    for (const { from, to } of weekly) {
      const end = base + to - start;
      if (end > 0) yield { from: Math.max(0, base + from - start), to: end };
    }
  }
}

function* backward(weekly: readonly Span[], end: number): Generator<Span, never> {
  const lastFirst = [...weekly].reverse();
  for (let base = weekOf(end); ; base -= week) {
    for (const { from, to } of lastFirst) {
      const back = end - (base + from);
      if (back > 0) yield { from: Math.max(0, end - (base + to)), to: back };
    }
  }
}

/**
 * When hands may work from a minute on, as minutes after it.
 *
 * @param spans of every week, at least one
 * @param startMinute by the wall clock, counted from 1970-01-01T00:00
 */
export const openFrom = (spans: readonly WeeklySpan[], startMinute: number): Calendar =>
  asked(onward(merged(spans), startMinute));

/** The same before a minute, as minutes back from it. */
export const openBefore = (spans: readonly WeeklySpan[], endMinute: number): Calendar =>
  asked(backward(merged(spans), endMinute));

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

/** All minutes of a week in which hands may work. */
export const weeklyMinutes = (spans: readonly WeeklySpan[]): number =>
  merged(spans).reduce((total, { from, to }) => total + to - from, 0);

/** The longest span there is, in minutes. */
export const longestSpan = (spans: readonly WeeklySpan[]): number =>
  Math.max(...merged(spans).map(({ from, to }) => to - from));
