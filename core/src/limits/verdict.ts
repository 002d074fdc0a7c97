import { isPast, type Range } from '../quantity';

/** What a check comes to. Worst first in `verdictOrder`. */
export type Verdict = 'over' | 'unknown' | 'caution' | 'within';

/** What one finding comes to: a verdict, or a note outside it, good to know. */
export type FindingVerdict = Verdict | 'note';

export const verdictOrder: readonly Verdict[] = ['over', 'unknown', 'caution', 'within'];

/** The worst of several, notes aside; a blend without findings is within limits. */
export const worst = (verdicts: readonly FindingVerdict[]): Verdict =>
  verdictOrder.find((verdict) => verdicts.includes(verdict)) ?? 'within';

/** The caution line: past this share of a limit on the likely value, there is one. */
export const cautionShare = 0.9;

/**
 * A value against the maximum of one oil or of a sum, on the likely value: over past the limit, a
 * caution past nine tenths of it. Where only the high end is past it, that is a note: a drop that
 * is measured settles it. For carcinogens the high end is a caution.
 */
export const againstLimit = (
  { likely, high }: Range,
  limit: number,
  isCarcinogen = false,
): FindingVerdict => {
  if (isPast(likely, limit)) return 'over';
  if (isPast(likely, cautionShare * limit)) return 'caution';
  if (isPast(high, limit)) return isCarcinogen ? 'caution' : 'note';
  return 'within';
};

/** Past twice the limit on the likely value: no way round it for this wearer. */
export const isBlockingPast = (value: Range, limit: number): boolean =>
  isPast(value.likely, 2 * limit);

/** How much of the limit is used, in percent; null where the limit is none or zero. */
export const shareOfLimit = (value: Range | null, limit: number | null): Range | null =>
  value === null || limit === null || limit === 0
    ? null
    : {
        low: (100 * value.low) / limit,
        likely: (100 * value.likely) / limit,
        high: (100 * value.high) / limit,
      };
