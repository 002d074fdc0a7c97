import { weightedShare, type Mixture } from '../blend/mixture';
import type { ConstituentLimit } from '../library/schema';
import { isLarger, larger, type Range } from '../quantity/range';
import { contentOf } from './contents';

/** What all oils together bring of the constituents of a cap. */
export interface JointSum {
  /** In percent of the finished product; the larger of the two measures. */
  readonly value: Range;
  readonly by: 'volume' | 'weight';
  /** Ids of the oils that bring it. */
  readonly oils: readonly string[];
}

/** Null where no oil brings any. */
export const jointSum = (
  mixture: Mixture,
  limit: Pick<ConstituentLimit, 'members'>,
): JointSum | null => {
  const low: number[] = [];
  const likely: number[] = [];
  const high: number[] = [];
  const oils: string[] = [];
  for (const { oil } of mixture.oils) {
    const content = contentOf(oil, limit);
    low.push(content.low / 100);
    likely.push(content.likely / 100);
    high.push(content.high / 100);
    if (content.high > 0) oils.push(oil.id);
  }
  if (oils.length === 0) return null;
  const { byVolume, byWeight } = weightedShare(mixture.oils, { low, likely, high }, mixture);
  return {
    value: larger(byVolume, byWeight),
    by: isLarger(byVolume, byWeight) ? 'weight' : 'volume',
    oils,
  };
};
