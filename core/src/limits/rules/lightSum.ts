import { sureWeights, weightedShare } from '../../blend/mixture';
import { guidelines } from '../../library/library';
import { exactly, isLarger, larger, scale } from '../../quantity/range';
import { figureSource, sourcesOf } from '../figureSource';
import { finding, type Finding } from '../finding';
import type { Question } from '../question';
import { againstLimit, isHardPast } from '../verdict';

const { source } = guidelines.lightSensitising;

/**
 * Rule 3. Light-sensitising oils together: the sum of strength over light limit
 * must not pass 1 on skin that the product stays on and that may see sun. Covered
 * skin turns "over" into "mind"; what is rinsed off is let be.
 */
export const lightSum = ({ mixture, brief }: Question): Finding[] => {
  const sensitising = mixture.oils.filter(({ oil }) => oil.phototoxicLimitPercent !== null);
  const common = { rule: 'light-sum', source } as const;
  if (brief.use === 'rinse-off') {
    return [finding({ ...common, verdict: 'holds', reason: { code: 'light-rinsed-off' } })];
  }
  const bases = mixture.bases.flatMap(({ base }) =>
    base.sun
      ? [
          finding({
            ...common,
            verdict: 'mind',
            subject: base.id,
            source: 'RECALL',
            reason: { code: 'light-base', why: base.sun.why },
          }),
        ]
      : [],
  );
  if (sensitising.length === 0) {
    return [
      finding({
        ...common,
        verdict: 'holds',
        value: exactly(0),
        limit: 1,
        unit: 'ratio',
        reason: { code: 'light-none' },
      }),
      ...bases,
    ];
  }
  const share = weightedShare(
    mixture.oils,
    sureWeights(
      mixture.oils.map(({ oil }) =>
        oil.phototoxicLimitPercent === null ? 0 : 1 / oil.phototoxicLimitPercent,
      ),
    ),
    mixture,
  );
  const value = larger(share.byVolume, share.byWeight);
  const covered = brief.sun === 'covered';
  const verdict = againstLimit(value, 1);
  const oneAloneIsHard = sensitising.some(
    ({ oil, percent }) =>
      oil.phototoxicLimitPercent !== null &&
      isHardPast(scale(percent, 1 / oil.phototoxicLimitPercent), 1),
  );
  return [
    finding({
      ...common,
      verdict: covered && verdict === 'over' ? 'mind' : verdict,
      hard: verdict === 'over' && !covered && oneAloneIsHard,
      value,
      limit: 1,
      unit: 'ratio',
      by: isLarger(share.byVolume, share.byWeight) ? 'weight' : 'volume',
      source: sourcesOf(sensitising.map(({ oil }) => figureSource(oil, 'light', source))),
      reason: { code: 'light-sum', oils: sensitising.map(({ oil }) => oil.id), covered },
    }),
    ...bases,
  ];
};
