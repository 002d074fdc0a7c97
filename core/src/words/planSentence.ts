import type { Moment, Plan, WeeklySpan } from '../planning';
import { countedWords, formatList } from './numbers';

const weekdays = [
  'Monday',
  'Tuesday',
  'Wednesday',
  'Thursday',
  'Friday',
  'Saturday',
  'Sunday',
] as const;

/** The name of a day of the week; Monday is 0. */
export const weekdayWords = (day: number): string => weekdays[day] ?? '';

/** `Saturday 12 December`: the year is not far. */
export const planDayWords = (moment: Moment): string =>
  new Intl.DateTimeFormat('en-GB', {
    weekday: 'long',
    day: 'numeric',
    month: 'long',
    timeZone: 'UTC',
  })
    .format(new Date(`${moment.slice(0, 10)}T00:00Z`))
    // Some browsers put a comma after the day of the week.
    .replace(/^(\w+), /, '$1 ');

/** `Saturday 12 December, 18:00`. */
export const planMomentWords = (moment: Moment): string =>
  `${planDayWords(moment)}, ${moment.slice(11)}`;

/** `1 h 40 min`, `2 days 1 h`. */
export const spanWords = (minutes: number): string => {
  const [days, hours, rest] = [
    Math.floor(minutes / 1440),
    Math.floor((minutes % 1440) / 60),
    minutes % 60,
  ];
  const parts = [
    ...(days > 0 ? [countedWords(days, 'day')] : []),
    ...(hours > 0 ? [`${hours} h`] : []),
    ...(rest > 0 ? [`${rest} min`] : []),
  ];
  return parts.length > 0 ? parts.join(' ') : '0 min';
};

const clock = (minute: number): string =>
  `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;

/** Days as they are said together: `Monday to Friday`, `Saturday and Sunday`. */
const daysWords = (days: readonly number[]): string => {
  const [first = 0, ...others] = [...new Set(days)].sort((a, b) => a - b);
  const last = others.at(-1) ?? first;
  return others.length > 1 && last - first === others.length
    ? `${weekdayWords(first)} to ${weekdayWords(last)}`
    : formatList([first, ...others].map(weekdayWords));
};

/** `at any time`, `on Monday to Friday from 18:00 to 21:00 and Saturday from 10:00 to 16:00`. */
export const hoursWords = (hours: readonly WeeklySpan[] | null): string => {
  if (!hours) return 'at any time';
  const times = [...new Set(hours.map(({ from, to }) => `${clock(from)} to ${clock(to)}`))];
  return `on ${formatList(
    times.map((time) => {
      const days = hours
        .filter(({ from, to }) => `${clock(from)} to ${clock(to)}` === time)
        .map(({ day }) => day);
      return `${daysWords(days)} from ${time}`;
    }),
  )}`;
};

const small = ['no', 'one', 'two', 'three', 'four', 'five', 'six'];
const counted = (count: number, one: string, many: string): string =>
  `${small[count] ?? count} ${count === 1 ? one : many}`;

/** `one pair of hands and one pan`; fridges where there is more than the usual one. */
export const withWhatWords = ({
  hands,
  pans,
  fridges,
}: Pick<Plan, 'hands' | 'pans' | 'fridges'>): string =>
  formatList([
    counted(hands, 'pair of hands', 'pairs of hands'),
    counted(pans, 'pan', 'pans'),
    ...(fridges === 1 ? [] : [counted(fridges, 'fridge', 'fridges')]),
  ]);

/** `24 gifts of 3 blends`. */
export const giftsWords = (lines: Plan['lines']): string =>
  lines.length === 0
    ? 'Nothing yet'
    : `${countedWords(
        lines.reduce((total, { pieces }) => total + pieces, 0),
        'gift',
      )} of ${countedWords(new Set(lines.map(({ blendId }) => blendId)).size, 'blend')}`;

/** What the clock says of a plan that was worked out; that it is late, `lateWords` says. */
export const onTheClockWords = ({
  feasible,
  finish,
  lastStart,
  proved,
  tookMinutes,
  boundMinutes,
}: {
  readonly feasible: boolean;
  readonly finish: Moment;
  readonly lastStart: Moment | null;
  readonly proved: boolean;
  readonly tookMinutes: number;
  readonly boundMinutes: number;
}): readonly string[] => [
  ...(feasible ? [`Everything is ready on ${planMomentWords(finish)}.`] : []),
  ...(lastStart === null ? [] : [`Start by ${planMomentWords(lastStart)} at the latest.`]),
  proved
    ? 'No order of the steps is sooner.'
    : `Another order could be sooner by up to ${spanWords(tookMinutes - boundMinutes)}.`,
];

/** What keeps a plan from being saved, by its code. */
export const planProblemWords = (code: string): string =>
  ({
    'ready-before-from': 'It must be ready after work begins. This is not saved yet.',
    'moment-form': 'Choose a day and a time. This is not saved yet.',
    'span-empty': 'Each time must end after it begins. This is not saved yet.',
  })[code] ?? 'This can’t be saved as it is.';

/** What the screen of a plan says. */
export type PlanMessage =
  | { readonly code: 'what-a-plan-is' | 'blend-gone' | 'over-limit' | 'nothing-to-buy' }
  | { readonly code: 'not-planned'; readonly why: string }
  | { readonly code: 'hands'; readonly handsMinutes: number; readonly tookMinutes: number };

export const planMessageWords = (message: PlanMessage): string => {
  switch (message.code) {
    case 'what-a-plan-is':
      return 'Several blends by a day: say how many of each, and see what to buy, when to start, what to do in which order, and what it costs.';
    case 'blend-gone':
      return 'This blend is no longer in the book. Remove the line.';
    case 'over-limit':
      return 'It is over a limit. Read its verdict before you make it.';
    case 'nothing-to-buy':
      return 'Everything is here already.';
    case 'not-planned':
      return `It can’t be planned: ${message.why}`;
    case 'hands':
      return `${spanWords(message.handsMinutes)} of work with your hands, over ${spanWords(message.tookMinutes)} in all.`;
  }
};
