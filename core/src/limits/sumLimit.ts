import type { Brief } from '../brief';
import type { Oil } from '../catalog';
import { weightedShare, type Weights } from '../mixture';
import { isLarger, larger, type Range } from '../quantity';
import type { By, Guideline } from '../recipe';
import type { RuleId } from './ruleIds';
import type { Question } from './question';
import { seenIn, weightsPoured } from './seen';

/**
 * A maximum that is a sum over oils: of `weight x strength in percent`, at most `cap`, by volume
 * and by weight alike, unless it is checked in one measure. It is stated once: a rule judges by it, and the drops are settled within it.
 */
export interface SumLimit {
  readonly rule: RuleId;
  /** Id of the oil or of the shared cap, or `blend`. */
  readonly subject: string;
  /** The one measure in which it is checked; absent where the larger of the two counts. */
  readonly by?: By;
  /** One weight an oil: at low, typical and high content, where content varies; else the same. */
  readonly weights: Weights;
  /** What the likely sum must not pass. */
  readonly cap: number;
  /** What whole drops must not pass on likely drops: the cap, or none where it may be passed. */
  readonly most: number;
  /** What the likely sum must not pass for the finding to be within limits. */
  readonly comfortableLikely: number;
  /** What the sum with large drops and high content must not pass for that. */
  readonly comfortableHigh: number;
}

/** What the sums of a rule are asked of. */
export type SumsOf = (
  oils: readonly Oil[],
  brief: Brief,
  guideline: Guideline,
  /** The measure in which the strength of the blend is shown. */
  by: By,
) => readonly SumLimit[];

/** What a sum comes to in a mixture, by volume and by weight; bases that are judged as oils count. */
export const shareOfSum = (
  { mixture, poured }: Pick<Question, 'mixture' | 'poured'>,
  { weights }: Pick<SumLimit, 'weights'>,
): { readonly byVolume: Range; readonly byWeight: Range } => {
  const seen = seenIn(poured.oils.map(({ oil }) => oil));
  const ofOils = weightedShare(poured.oils, seen ? weightsPoured(seen, weights) : weights, poured);
  const first = seen?.oils.length ?? poured.oils.length;
  if (mixture.oils.length === first) return ofOils;
  const withBases = (of: 'byVolume' | 'byWeight'): Range =>
    mixture.oils.slice(first).reduce(
      (total, oil, n) => ({
        low: total.low + (weights.low[first + n] ?? 0) * oil[of].low,
        likely: total.likely + (weights.likely[first + n] ?? 0) * oil[of].likely,
        high: total.high + (weights.high[first + n] ?? 0) * oil[of].high,
      }),
      ofOils[of],
    );
  return { byVolume: withBases('byVolume'), byWeight: withBases('byWeight') };
};

/** What a sum comes to in a mixture: the larger of the two measures counts. */
export const valueOfSum = (
  question: Pick<Question, 'mixture' | 'poured'>,
  sum: Pick<SumLimit, 'weights'>,
): { readonly value: Range; readonly by: 'volume' | 'weight' } => {
  const { byVolume, byWeight } = shareOfSum(question, sum);
  return {
    value: larger(byVolume, byWeight),
    by: isLarger(byVolume, byWeight) ? 'weight' : 'volume',
  };
};
