import type { WearerOrAnyone } from '../brief';
import type { FindingVerdict, Verdict } from '../limits';
import { someoneOfAge } from './brief';

const phrases: Record<FindingVerdict, string> = {
  within: 'within limits',
  caution: 'caution',
  over: 'over the limit',
  unknown: 'can’t be checked',
  note: 'note',
};

/** A verdict in words; of what has no oil in it that there is none. */
export const verdictWords = (verdict: Verdict | null): string =>
  verdict === null ? 'Nothing in it yet' : phrases[verdict];

/** What one finding comes to, in words. */
export const findingVerdictWords = (verdict: FindingVerdict): string => phrases[verdict];

const plural = (count: number, text: string, many: string): string =>
  `${count} ${count === 1 ? text : many}`;

/**
 * The verdict on a blend in a headline.
 *
 * @param count how many findings come to it
 * @param blocking there is no way past it for its wearer
 */
export const verdictHeadline = (
  verdict: Verdict,
  count: number,
  blocking: boolean,
  wearer: WearerOrAnyone,
): string => {
  switch (verdict) {
    case 'within':
      return 'Within limits';
    case 'caution':
      return plural(count, 'caution', 'cautions');
    case 'over':
      return blocking ? doNotUseOn(wearer) : plural(count, 'limit exceeded', 'limits exceeded');
    case 'unknown':
      return `${plural(count, 'thing', 'things')} can’t be checked`;
  }
};

/** What must not be used, and on whom: `Do not use on Anna`. */
const doNotUseOn = (wearer: WearerOrAnyone): string =>
  wearer === 'anyone'
    ? 'Do not use'
    : `Do not use on ${wearer.name ?? someoneOfAge(wearer.ageMonths)}`;
