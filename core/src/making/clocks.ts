import { containerFacts } from '../catalog';
import type { Step } from './steps/registry';

/** What a clock is for, so that words can be found for it. */
export type ClockFor =
  | 'stand'
  | 'smell-soon'
  | 'smell-later'
  | 'look-at-melt'
  | 'look-at-cooling'
  | 'chill'
  | 'set'
  | 'firm';

/** A clock that a step offers, with how long it usually runs. */
export interface Clock {
  readonly for: ClockFor;
  readonly minutes: number;
}

const day = 24 * 60;

/** The clocks that a step offers; none where nothing is waited for. */
export const clocksOf = (step: Step): readonly Clock[] => {
  switch (step.kind) {
    case 'close':
      return [{ for: 'stand', minutes: 10 }];
    case 'combine':
      return step.grain === null ? [{ for: 'stand', minutes: 10 }] : [];
    case 'smell':
      return [
        { for: 'smell-soon', minutes: 1 },
        { for: 'smell-later', minutes: 10 },
      ];
    case 'melt':
      return [{ for: 'look-at-melt', minutes: 5 }];
    case 'cool':
      return [{ for: 'look-at-cooling', minutes: 3 }];
    case 'whip':
      return [{ for: 'chill', minutes: 10 }];
    case 'set':
      return [
        {
          for: 'set',
          minutes: Math.max(...step.kinds.map((kind) => containerFacts(kind).setsInMinutes ?? 60)),
        },
        { for: 'firm', minutes: day },
      ];
    default:
      return [];
  }
};
