import { constituentLimits, type ConstituentLimit, type Oil } from '../../catalog';
import { contentOf } from '../contents';
import { materialSource } from '../figureSource';
import { finding, type Finding } from '../finding';
import type { Question } from '../question';
import { valueOfSum, type SumLimit, type SumsOf } from '../sumLimit';
import { againstLimit, atLeast, comfortableShare, isBlockingPast } from '../verdict';
import { placesWithStricterCaps } from './oilMaximum';

/** What all oils bring of the members of a cap; null where none brings any. */
export const sumOfMembers = (
  oils: readonly Oil[],
  rule: SumLimit['rule'],
  { id, members, percent }: Pick<ConstituentLimit, 'id' | 'members' | 'percent'>,
): (SumLimit & { readonly from: readonly string[] }) | null => {
  const contents = oils.map((oil) => contentOf(oil, { members }));
  const from = oils.filter((_, index) => (contents[index]?.high ?? 0) > 0);
  return from.length === 0
    ? null
    : {
        rule,
        subject: id,
        weights: {
          low: contents.map(({ low }) => low / 100),
          likely: contents.map(({ likely }) => likely / 100),
          high: contents.map(({ high }) => high / 100),
        },
        cap: percent,
        most: percent,
        comfortableLikely: percent,
        comfortableHigh: comfortableShare * percent,
        from: from.map((oil) => oil.id),
      };
};

/** What all oils bring of one substance, or of a group that counts as one, against its cap. */
export const constituentSums: SumsOf = (oils) =>
  constituentLimits.flatMap((limit) => sumOfMembers(oils, 'constituent', limit) ?? []);

/**
 * Rule 4. Constituents together, across oils: what all oils bring of one substance,
 * or of a group that counts as one, against the cap on the finished product. The
 * likely value is reckoned with typical content, the high one with high content and
 * large drops. An oil whose chemistry is not held cannot be counted, and is said so.
 */
export const constituent = ({ mixture, brief }: Question): Finding[] => {
  const stricter = placesWithStricterCaps.has(brief.place);
  const rinsedOff = brief.use === 'rinse-off';
  const oils = mixture.oils.map(({ oil }) => oil);
  const unknown = oils
    .filter(({ capped }) => capped === null)
    .map((oil) =>
      finding({
        rule: 'constituent',
        rinsedOff,
        verdict: 'unknown',
        subject: oil.id,
        source: materialSource(oil, 'RECALL'),
        reason: { code: 'chemistry-not-held' },
      }),
    );
  const counted = constituentLimits.flatMap((limit): Finding[] => {
    const sum = sumOfMembers(oils, 'constituent', limit);
    if (!sum) return [];
    const { value, by } = valueOfSum(mixture, sum);
    const verdict = againstLimit(value, sum.cap);
    return [
      finding({
        rule: 'constituent',
        rinsedOff,
        subject: sum.subject,
        verdict: stricter ? atLeast(verdict, 'caution') : verdict,
        blocking: verdict === 'over' && isBlockingPast(value, sum.cap),
        value,
        limit: sum.cap,
        unit: '%',
        by,
        source: limit.source,
        reason: {
          code: 'constituent',
          why: limit.why,
          oils: sum.from,
          confidence: limit.confidence,
          stricter: stricter && verdict !== 'over',
        },
      }),
    ];
  });
  return counted.length + unknown.length > 0
    ? [...unknown, ...counted]
    : [
        finding({
          rule: 'constituent',
          rinsedOff,
          verdict: 'within',
          source: 'EOS2',
          reason: { code: 'nothing-found' },
        }),
      ];
};
