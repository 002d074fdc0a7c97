import { essentialShare } from '../blend/mixture';
import type { Brief } from '../brief/brief';
import { constituentLimits } from '../library/library';
import type { Oil } from '../library/schema';
import { contentOf } from './contents';
import { ownMaximum } from './ownMaximum';
import type { RuleId } from './finding';
import { wholeBlendLimit } from './guideline';
import type { School } from './question';
import { comfortableShare } from './verdict';

/**
 * A maximum that is a sum over oils: of `weight x strength in percent`, at most
 * `cap`, by volume and by weight alike.
 */
export interface SumLimit {
  readonly rule: RuleId;
  /** Id of the oil, or `blend`. */
  readonly subject: string;
  readonly weights: readonly number[];
  /** The weights at high content, where content varies; else the same. */
  readonly highWeights: readonly number[];
  /** What the likely sum must not pass. */
  readonly cap: number;
  /** What the sum with large drops must not pass for the finding to hold. */
  readonly comfortableHigh: number;
  /** What the likely sum must not pass for the finding to hold. */
  readonly comfortableLikely: number;
}

const sure = (weights: readonly number[]) => ({ weights, highWeights: weights });

/** Every maximum that is a sum, for these oils on this wearer. */
export const sumLimits = (
  oils: readonly Oil[],
  brief: Brief,
  school: School,
): readonly SumLimit[] => {
  const whole = wholeBlendLimit(brief, school);
  const limits: SumLimit[] = [
    {
      rule: 'whole-blend',
      subject: 'blend',
      ...sure(oils.map(essentialShare)),
      cap: whole.maximum,
      comfortableHigh: whole.maximum,
      comfortableLikely: whole.recommended,
    },
  ];
  oils.forEach((oil, index) => {
    const cap = ownMaximum(oil, brief);
    if (cap === null) return;
    limits.push({
      rule: 'oil-maximum',
      subject: oil.id,
      ...sure(oils.map((_, other) => (other === index ? 1 : 0))),
      cap,
      comfortableHigh: comfortableShare * cap,
      comfortableLikely: cap,
    });
  });
  const sensitising = oils.some((oil) => oil.phototoxicLimitPercent !== null);
  if (sensitising && brief.use === 'leave-on') {
    limits.push({
      rule: 'light-sum',
      subject: 'blend',
      ...sure(oils.map(({ phototoxicLimitPercent: limit }) => (limit === null ? 0 : 1 / limit))),
      // Skin that stays covered may pass the light limit: that is to be minded, not over.
      cap: brief.sun === 'covered' ? Infinity : 1,
      comfortableHigh: comfortableShare,
      comfortableLikely: 1,
    });
  }
  for (const limit of constituentLimits) {
    const contents = oils.map((oil) => contentOf(oil, limit));
    if (contents.every(({ high }) => high === 0)) continue;
    limits.push({
      rule: 'constituent',
      subject: limit.id,
      weights: contents.map(({ likely }) => likely / 100),
      highWeights: contents.map(({ high }) => high / 100),
      cap: limit.percent,
      comfortableHigh: comfortableShare * limit.percent,
      comfortableLikely: limit.percent,
    });
  }
  return limits;
};
