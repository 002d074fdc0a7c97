import { isPast } from '../quantity/compare';
import type { Range } from '../quantity/range';

/** What a check comes to. Worst first in `verdictOrder`. */
export type Verdict = 'over' | 'not-known' | 'mind' | 'holds';

export const verdictOrder: readonly Verdict[] = ['over', 'not-known', 'mind', 'holds'];

/** The worst of several; a blend without findings holds. */
export const worst = (verdicts: readonly Verdict[]): Verdict =>
  verdictOrder.find((verdict) => verdicts.includes(verdict)) ?? 'holds';

/** The worse of two. */
export const atLeast = (verdict: Verdict, floor: Verdict): Verdict => worst([verdict, floor]);

/** Up to this share of a limit, reckoned with large drops, a value holds. */
export const comfortableShare = 0.8;

/**
 * A value against the maximum of one oil or of a shared sum: "over" is judged on
 * the likely value, "holds" on the high one and four fifths of the limit.
 */
export const againstLimit = (value: Range, limit: number): Verdict => {
  if (isPast(value.likely, limit)) return 'over';
  return isPast(value.high, comfortableShare * limit) ? 'mind' : 'holds';
};

/** Past twice the limit on the likely value: no way round it for this wearer. */
export const isHardPast = (value: Range, limit: number): boolean => isPast(value.likely, 2 * limit);

/** How much of the limit is used, in percent; null where the limit is none or nought. */
export const shareOfLimit = (value: Range | null, limit: number | null): Range | null =>
  value === null || limit === null || limit === 0
    ? null
    : {
        low: (100 * value.low) / limit,
        likely: (100 * value.likely) / limit,
        high: (100 * value.high) / limit,
      };
