import type { ConstituentLimit, Oil } from '../../catalog';
import { capsFor } from '../categories';
import { contentOf } from '../contents';
import { materialSource } from '../figureSource';
import { finding, type Finding } from '../finding';
import type { Question } from '../question';
import { valueOfSum, type SumLimit, type SumsOf } from '../sumLimit';
import { againstLimit, cautionShare, isBlockingPast } from '../verdict';
import { manyTimesADay } from './manyTimesADay';

/** Substances of which the high end counts as well: they give animals cancer. */
export const carcinogens: ReadonlySet<string> = new Set(['estragole', 'methyl eugenol', 'safrole']);

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
        most: cautionShare * percent,
        comfortableLikely: cautionShare * percent,
        comfortableHigh: carcinogens.has(id) ? percent : Infinity,
        from: from.map((oil) => oil.id),
      };
};

/** What all oils bring of one substance, or of a group that counts as one, against its cap. */
export const constituentSums: SumsOf = (oils, brief) =>
  capsFor(brief).flatMap(
    ({ limit, percent }) => sumOfMembers(oils, 'constituent', { ...limit, percent }) ?? [],
  );

/**
 * Rule 4. Constituents together, across oils: what all oils bring of one substance,
 * or of a group that counts as one, against the cap on the finished product. The
 * likely value is reckoned with typical content, the high one with high content and
 * large drops. An oil whose chemistry is not held cannot be counted, and is stated.
 */
export const constituent = (question: Question): Finding[] => {
  const { mixture, brief } = question;
  const rinsedOff = brief.use === 'rinse-off';
  const oils = mixture.oils.map(({ oil }) => oil);
  const unknown = oils
    .filter(({ counted }) => counted === null || counted.isPartial)
    .map((oil) =>
      finding({
        rule: 'constituent',
        rinsedOff,
        verdict: 'unknown',
        subject: oil.id,
        source: materialSource(oil, 'RECALL'),
        reason: { code: oil.counted === null ? 'chemistry-not-held' : 'chemistry-partial' },
      }),
    );
  const counted = capsFor(brief).flatMap(({ limit, percent, category, derived }): Finding[] => {
    const sum = sumOfMembers(oils, 'constituent', { ...limit, percent });
    if (!sum) return [];
    const { value, by } = valueOfSum(question, sum);
    const verdict = againstLimit(value, sum.cap, carcinogens.has(limit.id));
    return [
      finding({
        rule: 'constituent',
        rinsedOff,
        subject: sum.subject,
        verdict,
        // Twice what holds for everyone: the stricter figure of a category can be overridden.
        blocking: verdict === 'over' && isBlockingPast(value, limit.percent),
        value,
        limit: sum.cap,
        unit: '%',
        by,
        source: category === null ? limit.source : 'IFRACAT',
        reason: {
          code: 'constituent',
          why: limit.why,
          oils: sum.from,
          confidence: limit.confidence,
          category,
          derived,
        },
      }),
    ];
  });
  const daily = manyTimesADay(question);
  return counted.length + unknown.length + daily.length > 0
    ? [...unknown, ...counted, ...daily]
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
