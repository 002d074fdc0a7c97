import { weightedShare } from '../../blend/mixture';
import { constituentLimits } from '../../library/library';
import { isLarger, larger } from '../../quantity/range';
import { contentOf } from '../contents';
import { finding, type Finding } from '../finding';
import type { Question } from '../question';
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
        source: 'RECALL',
        reason: { code: 'chemistry-not-held' },
      }),
    );
  const counted = constituentLimits.flatMap((limit): Finding[] => {
    const contents = mixture.oils.map(({ oil }) => contentOf(oil, limit));
    if (contents.every(({ high }) => high === 0)) return [];
    const share = weightedShare(
      mixture.oils,
      {
        low: contents.map(({ low }) => low / 100),
        likely: contents.map(({ likely }) => likely / 100),
        high: contents.map(({ high }) => high / 100),
      },
      mixture,
    );
    const value = larger(share.byVolume, share.byWeight);
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
        by: isLarger(share.byVolume, share.byWeight) ? 'weight' : 'volume',
        source: limit.source,
        reason: {
          code: 'constituent',
          why: limit.why,
          oils: mixture.oils.flatMap(({ oil }, i) =>
            (contents[i]?.high ?? 0) > 0 ? [oil.id] : [],
          ),
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
