import { guidelines } from '../../catalog';
import { sureWeights } from '../../mixture';
import { exactly, scale } from '../../quantity';
import { figureSource, sourcesOf } from '../figureSource';
import { finding, type Finding } from '../finding';
import type { Question } from '../question';
import { valueOfSum, type SumsOf } from '../sumLimit';
import { againstLimit, comfortableShare, isBlockingPast } from '../verdict';

const { source } = guidelines.phototoxic;

/** Strength over phototoxic limit of all oils together: at most 1 where it stays on the skin. */
export const phototoxicSums: SumsOf = (oils, brief) =>
  brief.use === 'rinse-off' || oils.every((oil) => oil.phototoxicLimitPercent === null)
    ? []
    : [
        {
          rule: 'light-sum',
          subject: 'blend',
          weights: sureWeights(
            oils.map(({ phototoxicLimitPercent: limit }) => (limit === null ? 0 : 1 / limit)),
          ),
          cap: 1,
          // Skin that stays covered may pass the phototoxic limit: that is a caution, not over.
          most: brief.sun === 'covered' ? Infinity : 1,
          comfortableLikely: 1,
          comfortableHigh: comfortableShare,
        },
      ];

/**
 * Rule 3. Phototoxic oils together: the sum of strength over phototoxic limit
 * must not pass 1 on skin that the product stays on and that may see sun. Covered
 * skin turns "over" into "caution"; what is rinsed off is let be.
 */
export const phototoxicSum = ({ mixture, brief, guideline }: Question): Finding[] => {
  const sensitising = mixture.oils.filter(({ oil }) => oil.phototoxicLimitPercent !== null);
  const common = { rule: 'light-sum', source } as const;
  if (brief.use === 'rinse-off') {
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
  const { value, by } = valueOfSum(mixture, sum);
  const covered = brief.sun === 'covered';
  const verdict = againstLimit(value, sum.cap);
  const oneAloneIsBlocking = sensitising.some(
    ({ oil, percent }) =>
      oil.phototoxicLimitPercent !== null &&
      isBlockingPast(scale(percent, 1 / oil.phototoxicLimitPercent), sum.cap),
  );
  return [
    finding({
      ...common,
      verdict: covered && verdict === 'over' ? 'caution' : verdict,
      blocking: verdict === 'over' && !covered && oneAloneIsBlocking,
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
