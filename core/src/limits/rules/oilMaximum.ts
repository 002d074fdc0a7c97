import { sureWeights } from '../../mixture';
import type { Oil } from '../../catalog';
import { isLarger, isPast, type Range } from '../../quantity';
import { dermalMaximumOf } from '../dermalMaximum';
import { figureSource } from '../figureSource';
import { finding, type Finding } from '../finding';
import type { Question } from '../question';
import type { SumsOf } from '../sumLimit';
import { againstLimit, cautionShare, isBlockingPast } from '../verdict';

/** Each oil that has a dermal maximum, against it. */
export const oilMaximumSums: SumsOf = (oils, brief) =>
  oils.flatMap((oil, index) => {
    const cap = dermalMaximumOf(oil, brief);
    return cap === null
      ? []
      : [
          {
            rule: 'oil-maximum' as const,
            subject: oil.id,
            weights: sureWeights(oils.map((_, other) => (other === index ? 1 : 0))),
            cap,
            most: cautionShare * cap,
            comfortableLikely: cautionShare * cap,
            comfortableHigh: Infinity,
          },
        ];
  });

/** A figure of the maker's own that lets pass what the library's does not. */
const looserFigure = (oil: Oil, percent: Range) => {
  const own = oil.own?.figures.findLast(({ figure }) => figure === 'maximum');
  const { value = null, original = null, source = '' } = own ?? {};
  return value !== null &&
    original !== null &&
    value > original &&
    isPast(percent.likely, cautionShare * original)
    ? [
        {
          code: 'own-figure-looser',
          own: value,
          ownSource: source,
          library: original,
          librarySource: 'EOS2',
        } as const,
      ]
    : [];
};

/**
 * Rule 2. Each oil against its own dermal maximum. A maximum that rests on light
 * belongs to the phototoxic rule, one that rests on constituents to theirs.
 */
export const oilMaximum = ({ mixture, brief, guideline, by }: Question): Finding[] => {
  const oils = mixture.oils.map(({ oil }) => oil);
  const sums = new Map(oilMaximumSums(oils, brief, guideline, by).map((sum) => [sum.subject, sum]));
  // The mixture has worked out each oil's share for itself.
  return mixture.oils.flatMap(({ oil, percent, byVolume, byWeight }): Finding[] => {
    const { status, basis } = oil.dermalMaximum;
    const sum = sums.get(oil.id);
    const common = {
      rule: 'oil-maximum',
      subject: oil.id,
      value: percent,
      unit: '%',
      by: isLarger(byVolume, byWeight) ? 'weight' : 'volume',
      source: figureSource(oil, 'maximum', 'EOS2'),
      rinsedOff: brief.use === 'rinse-off',
    } as const;
    if (sum) {
      const verdict = againstLimit(percent, sum.cap);
      return [
        ...looserFigure(oil, percent).map((reason) =>
          finding({ ...common, verdict: 'caution', limit: reason.library, reason }),
        ),
        finding({
          ...common,
          verdict,
          blocking: verdict === 'over' && isBlockingPast(percent, sum.cap),
          limit: sum.cap,
          reason: { code: 'oil-maximum', basis, assumed: status === 'assumed' },
        }),
      ];
    }
    return status === 'none stated'
      ? [finding({ ...common, verdict: 'within', reason: { code: 'no-maximum-stated' } })]
      : [];
  });
};
