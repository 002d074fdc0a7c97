import { guidelines } from '../../catalog';
import { sureWeights } from '../../mixture';
import { exactly, scale } from '../../quantity';
import { figureSource, sourcesOf } from '../figureSource';
import { finding, type Finding } from '../finding';
import { sunOn } from '../places';
import type { Question } from '../question';
import { valueOfSum, type SumsOf } from '../sumLimit';
import { againstLimit, cautionShare, isBlockingPast } from '../verdict';

const { source } = guidelines.phototoxic;

/** Strength over phototoxic limit of all oils together: at most 1 where it stays on the skin. */
export const phototoxicSums: SumsOf = (oils, brief) =>
  sunOn(brief) === 'rinsed off' || oils.every((oil) => oil.phototoxicLimitPercent === null)
    ? []
    : [
        {
          rule: 'light-sum',
          subject: 'blend',
          weights: sureWeights(
            oils.map(({ phototoxicLimitPercent: limit }) => (limit === null ? 0 : 1 / limit)),
          ),
          cap: 1,
          // Settling stops at the caution line also where skin stays covered.
          most: cautionShare,
          comfortableLikely: cautionShare,
          comfortableHigh: Infinity,
        },
      ];

/**
 * Rule 3. Phototoxic oils together: the sum of strength over phototoxic limit
 * must not pass 1 on skin that the product stays on and that may see sun. Covered
 * skin turns "over" into "caution", unless one oil is past twice its limit; what is in fact rinsed
 * off is left alone.
 */
export const phototoxicSum = (question: Question): Finding[] => {
  const { mixture, brief, guideline, by: shownBy } = question;
  const sensitising = mixture.oils.filter(({ oil }) => oil.phototoxicLimitPercent !== null);
  const common = { rule: 'light-sum', source } as const;
  if (sunOn(brief) === 'rinsed off') {
    return [finding({ ...common, verdict: 'within', reason: { code: 'light-rinsed-off' } })];
  }
  const bases = mixture.bases.flatMap(({ base }) =>
    base.sun
      ? [
          finding({
            ...common,
            verdict: 'caution',
            subject: base.id,
            source: 'RECALL',
            reason: { code: 'light-base', why: base.sun.why },
          }),
        ]
      : [],
  );
  const [sum] = phototoxicSums(
    mixture.oils.map(({ oil }) => oil),
    brief,
    guideline,
    shownBy,
  );
  if (!sum) {
    return [
      finding({
        ...common,
        verdict: 'within',
        value: exactly(0),
        limit: 1,
        unit: 'ratio',
        reason: { code: 'light-none' },
      }),
      ...bases,
    ];
  }
  const { value, by } = valueOfSum(question, sum);
  const covered = sunOn(brief) === 'covered';
  const verdict = againstLimit(value, sum.cap);
  const oneAloneIsBlocking = sensitising.some(
    ({ oil, percent }) =>
      oil.phototoxicLimitPercent !== null &&
      isBlockingPast(scale(percent, 1 / oil.phototoxicLimitPercent), sum.cap),
  );
  return [
    finding({
      ...common,
      verdict: covered && verdict === 'over' && !oneAloneIsBlocking ? 'caution' : verdict,
      blocking: verdict === 'over' && oneAloneIsBlocking,
      value,
      limit: sum.cap,
      unit: 'ratio',
      by,
      source: sourcesOf(sensitising.map(({ oil }) => figureSource(oil, 'light', source))),
      reason: { code: 'light-sum', oils: sensitising.map(({ oil }) => oil.id), covered },
    }),
    ...bases,
  ];
};
