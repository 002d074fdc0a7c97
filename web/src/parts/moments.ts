import { format } from 'date-fns';

const hourMs = 3_600_000;

const zoneOf = (at: Date): string =>
  new Intl.DateTimeFormat('en-GB', { timeZoneName: 'short' })
    .formatToParts(at)
    .find(({ type }) => type === 'timeZoneName')?.value ?? '';

/** Which of two, where the clocks went back and the hour comes twice: ` BST`; else nothing. */
const whichHour = (at: Date): string => {
  const wall = format(at, 'yyyy-MM-dd HH:mm');
  const comesTwice = [-hourMs, hourMs].some(
    (ms) => format(new Date(at.getTime() + ms), 'yyyy-MM-dd HH:mm') === wall,
  );
  return comesTwice ? ` ${zoneOf(at)}` : '';
};

/** `14:05`, by the clock on the wall. */
export const timeOfDay = (at: string): string => {
  const date = new Date(at);
  return `${format(date, 'HH:mm')}${whichHour(date)}`;
};

/** `Wednesday 25 Nov, 14:05`; with a short weekday where there is little room. */
export const momentWords = (at: Date, weekday: 'long' | 'short' = 'long'): string =>
  `${format(at, weekday === 'long' ? 'EEEE d MMM, HH:mm' : 'EEE d MMM, HH:mm')}${whichHour(at)}`;
