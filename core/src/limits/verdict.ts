import { isPast, type Range } from '../quantity';

/** What a check comes to. Worst first in `verdictOrder`. */
export type Verdict = 'over' | 'unknown' | 'caution' | 'within';

/** What one finding comes to: a verdict, or a note outside it, good to know. */
export type FindingVerdict = Verdict | 'note';

export const verdictOrder: readonly Verdict[] = ['over', 'unknown', 'caution', 'within'];

/** The worst of several, notes aside; a blend without findings is within limits. */
export const worst = (verdicts: readonly FindingVerdict[]): Verdict =>
  verdictOrder.find((verdict) => verdicts.includes(verdict)) ?? 'within';

/** The worse of two. */
export const atLeast = (verdict: Verdict, floor: Verdict): Verdict => worst([verdict, floor]);

/** Up to this share of a limit, reckoned with large drops, a value is within it. */
export const comfortableShare = 0.8;

/**
 * A value against the maximum of one oil or of a sum: "over" is judged on the likely
 * value, "within" on the high one and four fifths of the limit.
 */
export const againstLimit = (value: Range, limit: number): Verdict => {
  if (isPast(value.likely, limit)) return 'over';
  return isPast(value.high, comfortableShare * limit) ? 'caution' : 'within';
};

/** Past twice the limit on the likely value: no way round it for this wearer. */
export const isBlockingPast = (value: Range, limit: number): boolean =>
  isPast(value.likely, 2 * limit);

/** How much of the limit is used, in percent; null where the limit is none or nought. */
export const shareOfLimit = (value: Range | null, limit: number | null): Range | null =>
  value === null || limit === null || limit === 0
    ? null
    : {
        low: (100 * value.low) / limit,
        likely: (100 * value.likely) / limit,
        high: (100 * value.high) / limit,
      };
