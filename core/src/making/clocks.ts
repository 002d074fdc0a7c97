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

/** How long a melt sets in each kind of container at the least, in minutes, by the library. */
const setsAfter: Readonly<Record<string, number>> = {
  'lip tube': 20,
  tin: 30,
  jar: 60,
  mould: 120,
};

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
          minutes: Math.max(...step.kinds.map((kind) => setsAfter[kind] ?? 60)),
        },
        { for: 'firm', minutes: day },
      ];
    default:
      return [];
  }
};
