import type { Verdict } from './verdict';

const verdictWords: Record<Verdict, string> = {
  holds: 'holds',
  mind: 'mind',
  over: 'over',
  'not-known': 'not known',
};

/** A verdict in words; of what has no oil in it that there is none. */
export const verdictSaid = (verdict: Verdict | null): string =>
  verdict === null ? 'Nothing in it yet' : verdictWords[verdict];
