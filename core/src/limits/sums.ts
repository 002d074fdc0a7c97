import { eachPlace } from '../brief';
import type { SumLimit, SumsOf } from './sumLimit';
import { rules } from './registry';
import { seenIn, weightsPoured } from './seen';

/**
 * Every maximum that is a sum, for these oils on this wearer, as the rules state them: weights are
 * of the oils that are poured, a ready-made blend at its share of each oil in it.
 */
export const sumLimits: SumsOf = (oils, brief, guideline, by): readonly SumLimit[] => {
  const seen = seenIn(oils);
  const sums = eachPlace(brief).flatMap((one) =>
    rules.flatMap(({ sums }) => sums?.(seen?.oils ?? oils, one, guideline, by) ?? []),
  );
  return seen ? sums.map((sum) => ({ ...sum, weights: weightsPoured(seen, sum.weights) })) : sums;
};
