import type { PlanReport } from '@jubbet/core/exchange';

type Task = PlanReport['tasks'][number];

/** Minutes from midnight of a moment. */
const minuteOfDay = (moment: string): number =>
  60 * Number(moment.slice(11, 13)) + Number(moment.slice(14, 16));

export const dayOf = (moment: string): string => moment.slice(0, 10);

/** What is done on one batch without leaving it, or what it waits for. */
export interface Stretch {
  readonly batch: string;
  readonly start: string;
  readonly end: string;
  readonly kind: 'hands' | 'waiting';
  readonly what: readonly string[];
}

/**
 * Tasks in the order in which they begin, those that follow on each other with the same hands on the
 * same batch as one.
 */
export const stretchesOf = (tasks: readonly Task[]): readonly Stretch[] => {
  const all: (Stretch & { what: string[]; end: string })[] = [];
  for (const { batch, start, end, hands, what } of tasks) {
    const kind = hands > 0 ? 'hands' : 'waiting';
    const before = all.findLast((entry) => entry.batch === batch);
    const isOn = before?.kind === kind && before.end === start;
    // Someone who did something else in between came back: that is another stretch.
    const left = before && all.indexOf(before) < all.length - 1 && kind === 'hands';
    if (before && isOn && !left) {
      before.what.push(what);
      before.end = end;
    } else all.push({ batch, start, end, kind, what: [what] });
  }
  return all;
};

/** A part of a day on its line of time. */
export interface Bar {
  readonly batch: string;
  readonly what: readonly string[];
  /** Minutes from midnight. */
  readonly from: number;
  readonly to: number;
  /** It began on an earlier day, or goes on on a later one. */
  readonly goesOn: boolean;
}

/** One day of a plan: bars of hands in as many rows as there are pairs of them, pans, and what waits. */
export interface DayLine {
  readonly day: string;
  readonly hands: readonly (readonly Bar[])[];
  readonly pans: readonly (readonly Bar[])[];
  readonly waiting: readonly (readonly Bar[])[];
}

/** Bars in as few rows as they need: none lies over another. */
const inRows = (bars: readonly Bar[]): readonly (readonly Bar[])[] => {
  const rows: Bar[][] = [];
  for (const bar of [...bars].sort((a, b) => a.from - b.from || a.to - b.to)) {
    const free = rows.find((row) => (row.at(-1)?.to ?? 0) <= bar.from);
    if (free) free.push(bar);
    else rows.push([bar]);
  }
  return rows;
};

const whole = 1440;

interface Spent {
  readonly batch: string;
  readonly start: string;
  readonly end: string;
  readonly what: readonly string[];
}

/** What of it falls on a day. */
const onDay = (day: string, all: readonly Spent[]): readonly Bar[] =>
  all.flatMap(({ batch, start, end, what }) => {
    const endsThen = dayOf(end) === day;
    const beginsThen = dayOf(start) === day;
    if (dayOf(start) > day || dayOf(end) < day) return [];
    const from = beginsThen ? minuteOfDay(start) : 0;
    const to = endsThen ? minuteOfDay(end) : whole;
    return to > from ? [{ batch, what, from, to, goesOn: !beginsThen || !endsThen }] : [];
  });

/** Follow on each other in the pan without a gap. */
const inPan = (tasks: readonly Task[]): readonly Spent[] => {
  const all: { batch: string; start: string; end: string; what: string[] }[] = [];
  for (const { batch, start, end, what, pan } of tasks) {
    if (!pan) continue;
    const before = all.findLast((entry) => entry.batch === batch);
    if (before?.end === start) {
      before.end = end;
      before.what.push(what);
    } else all.push({ batch, start, end, what: [what] });
  }
  return all;
};

/** A plan on the clock, a line a day on which there is work. */
export const dayLines = (
  tasks: readonly Task[],
): { readonly days: readonly DayLine[]; readonly from: number; readonly to: number } => {
  const stretches = stretchesOf(tasks);
  const worked = stretches.filter(({ kind }) => kind === 'hands');
  const waits = stretches.filter(({ kind }) => kind === 'waiting');
  const days = [...new Set(worked.map(({ start }) => dayOf(start)))].sort();
  const pans = inPan(tasks);
  const lines = days.map((day) => ({
    day,
    hands: inRows(onDay(day, worked)),
    pans: inRows(onDay(day, pans)),
    waiting: inRows(onDay(day, waits)),
  }));
  const atWork = lines.flatMap(({ hands }) => hands.flat());
  // Whole hours around all work, the same on every day.
  const from = 60 * Math.floor(Math.min(whole - 60, ...atWork.map((bar) => bar.from)) / 60);
  const to = 60 * Math.ceil(Math.max(from + 60, ...atWork.map((bar) => bar.to)) / 60);
  return { days: lines, from, to };
};
