import type { ClockFor } from '../making';
import { countedWords } from './numbers';

const names: Readonly<Record<ClockFor, string>> = {
  stand: 'Mix it again',
  'smell-soon': 'Smell it again',
  'smell-later': 'Smell it again',
  'look-at-melt': 'Look at the melt',
  'look-at-cooling': 'Read the thermometer',
  chill: 'Whip it again',
  set: 'Look whether it has set',
  firm: 'Judge how firm it is',
};

/** What a clock says when it is over. */
export const clockWords = (what: ClockFor): string => names[what];

/** How long a clock runs: `10 minutes`, `24 hours`. */
export const minutesWords = (minutes: number): string =>
  minutes >= 120 && minutes % 60 === 0
    ? countedWords(minutes / 60, 'hour')
    : countedWords(minutes, 'minute');

/** What is left of a clock: `9:59`, `23 h 59 min`; `0:00` when it is over. */
export const leftWords = (seconds: number): string => {
  const left = Math.max(0, Math.ceil(seconds));
  const hours = Math.floor(left / 3600);
  const minutes = Math.floor((left % 3600) / 60);
  return hours > 0
    ? `${hours} h ${minutes} min`
    : `${minutes}:${String(left % 60).padStart(2, '0')}`;
};

/** How long ago it was over: `just now`, `12 minutes ago`, `3 hours ago`, `2 days ago`. */
export const overdueWords = (seconds: number): string => {
  const minutes = Math.floor(seconds / 60);
  if (minutes < 1) return 'just now';
  if (minutes < 120) return `${countedWords(minutes, 'minute')} ago`;
  const hours = Math.floor(minutes / 60);
  return hours < 48
    ? `${countedWords(hours, 'hour')} ago`
    : `${countedWords(Math.floor(hours / 24), 'day')} ago`;
};
