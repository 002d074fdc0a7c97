import { weightedShare, type Mixture } from '../blend/mixture';
import type { ConstituentLimit } from '../library/schema';
import { isLarger, larger, type Range } from '../quantity/range';
import { contentOf } from './contents';

/** What all oils together bring of the constituents of a cap. */
export interface SharedSum {
  /** In percent of the finished product; the larger of the two measures. */
  readonly value: Range;
  readonly by: 'volume' | 'weight';
  /** Ids of the oils that bring it. */
  readonly oils: readonly string[];
}

/** Null where no oil brings any. */
export const sharedSum = (
  mixture: Mixture,
  limit: Pick<ConstituentLimit, 'members'>,
): SharedSum | null => {
  const contents = mixture.oils.map(({ oil }) => contentOf(oil, limit));
  if (contents.every(({ high }) => high === 0)) return null;
  const { byVolume, byWeight } = weightedShare(
    mixture.oils,
    {
      low: contents.map(({ low }) => low / 100),
      likely: contents.map(({ likely }) => likely / 100),
      high: contents.map(({ high }) => high / 100),
    },
    mixture,
  );
  return {
    value: larger(byVolume, byWeight),
    by: isLarger(byVolume, byWeight) ? 'weight' : 'volume',
    oils: mixture.oils.flatMap(({ oil }, i) => ((contents[i]?.high ?? 0) > 0 ? [oil.id] : [])),
  };
};
