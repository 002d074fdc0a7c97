import { constituentLimits } from '../../library/library';
import { materialSource } from '../figureSource';
import { finding, type Finding } from '../finding';
import type { Question } from '../question';
import { jointSum } from '../jointSum';
import { againstLimit, atLeast, isHardPast } from '../verdict';
import { placesWithStricterCaps } from './oilMaximum';

/**
 * Rule 4. Constituents together, across oils: what all oils bring of one substance,
 * or of a group that counts as one, against the cap on the finished product. The
 * likely value is reckoned with typical content, the high one with high content and
 * large drops. An oil whose chemistry is not held cannot be counted, and is said so.
 */
export const constituent = ({ mixture, brief }: Question): Finding[] => {
  const stricter = placesWithStricterCaps.has(brief.place);
  const common = { rule: 'constituent', rinsedOff: brief.use === 'rinse-off' } as const;
  const unknown = mixture.oils
    .filter(({ oil }) => oil.capped === null)
    .map(({ oil }) =>
      finding({
        ...common,
        verdict: 'not-known',
        subject: oil.id,
        source: materialSource(oil, 'RECALL'),
        reason: { code: 'chemistry-not-held' },
      }),
    );
  const counted = constituentLimits.flatMap((limit): Finding[] => {
    const shared = jointSum(mixture, limit);
    if (!shared) return [];
    const { value, by } = shared;
    const verdict = againstLimit(value, limit.percent);
    return [
      finding({
        ...common,
        subject: limit.id,
        verdict: stricter ? atLeast(verdict, 'mind') : verdict,
        hard: verdict === 'over' && isHardPast(value, limit.percent),
        value,
        limit: limit.percent,
        unit: '%',
        by,
        source: limit.source,
        reason: {
          code: 'constituent',
          why: limit.why,
          oils: shared.oils,
          confidence: limit.confidence,
          stricter: stricter && verdict !== 'over',
        },
      }),
    ];
  });
  return counted.length + unknown.length > 0
    ? [...unknown, ...counted]
    : [finding({ ...common, verdict: 'holds', source: 'EOS2', reason: { code: 'nothing-found' } })];
};
