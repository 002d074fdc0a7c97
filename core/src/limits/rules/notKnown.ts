import { materialSource } from '../figureSource';
import { finding, type Finding } from '../finding';
import { dermalMaximumOf } from '../dermalMaximum';
import { knownWearer, type Question } from '../question';
import type { Wearer } from '../../brief';
import { isDensityAssumed } from '../../mixture';

/** Ages, in months, below which some rule asks what is in an oil. */
const childrenBelowMonths = 192;

/** True where some rule asks what is in an oil: of a child, a stage, a condition or an allergy. */
const needsChemistry = (wearer: Wearer | null): boolean =>
  wearer !== null &&
  (wearer.ageMonths < childrenBelowMonths ||
    wearer.pregnant ||
    wearer.breastfeeding ||
    wearer.skin !== 'normal' ||
    wearer.conditions.length > 0 ||
    wearer.allergies.length > 0);

/**
 * Rule 13. An oil whose figure is not held cannot be cleared: unknown is never
 * quietly fine. An oil that has only the caps on its constituents is judged by
 * those, in their own rule.
 */
export const notKnown = ({ mixture, poured, brief, notUnderstood }: Question): Finding[] => {
  const common = { rule: 'not-known', source: 'EOS2' } as const;
  const found = [...new Set([...mixture.oils, ...poured.oils])].flatMap((entry): Finding[] => {
    const { oil, percent } = entry;
    const missing = (
      code: 'figure-not-held' | 'share-not-known' | 'proportions-not-known' | 'chemistry-needed',
      source = 'EOS2',
    ): Finding =>
      finding({
        ...common,
        verdict: 'unknown',
        subject: oil.id,
        value: percent,
        unit: '%',
        source: materialSource(oil, source),
        reason: { code },
      });
    const ofLabel = oil.essentialShare === null ? [missing('share-not-known', 'its label')] : [];
    // What a ready-made blend is made of is asked for itself.
    if (oil.madeOf) {
      return oil.madeOf.isShareKnown
        ? ofLabel
        : [...ofLabel, missing('proportions-not-known', 'its label')];
    }
    const held = oil.certificate
      ? dermalMaximumOf(oil, brief) !== null
      : oil.dermalMaximum.status !== 'not known';
    // A density that is assumed has its range in the figures: it is reported, and judged by that.
    const assumed = isDensityAssumed(oil)
      ? [
          finding({
            ...common,
            verdict: 'note',
            subject: oil.id,
            source: materialSource(oil, 'RECALL'),
            reason: { code: 'density-assumed' },
          }),
        ]
      : [];
    return [
      ...(held ? [] : [missing('figure-not-held')]),
      // A certificate says how much of it may go on skin, and nothing of who must not have it.
      ...(oil.certificate && needsChemistry(knownWearer(brief))
        ? [missing('chemistry-needed')]
        : []),
      ...ofLabel,
      ...assumed,
    ];
  });
  const bases = mixture.bases.flatMap(({ base }) =>
    base.judgedAs
      ? [
          finding({
            ...common,
            verdict: 'unknown',
            subject: base.id,
            source: 'RECALL',
            reason: { code: 'base-is-oil' },
          }),
        ]
      : [],
  );
  const unread = notUnderstood.map((text) =>
    finding({ ...common, verdict: 'unknown', reason: { code: 'not-understood', text } }),
  );
  return found.length + bases.length + unread.length > 0
    ? [...found, ...bases, ...unread]
    : [finding({ ...common, verdict: 'within', reason: { code: 'nothing-found' } })];
};
