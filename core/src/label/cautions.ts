import type { Brief, Wearer } from '../brief';
import { guidelines } from '../catalog';
import {
  knownWearer,
  ruleFacts,
  sunOn,
  type Finding,
  type KindCaution,
  type PlaceCaution,
} from '../limits';
import type { Mixture } from '../mixture';
import { unique } from '../quantity';

/** One caution of a label, as facts. */
export type LabelCaution =
  | { readonly code: 'out-of-sun'; readonly hours: number }
  | {
      readonly code: 'not-when' | 'ask-when';
      readonly stages: readonly ('pregnant' | 'breastfeeding')[];
    }
  | { readonly code: 'not-under' | 'not-near-face-under'; readonly months: number }
  | { readonly code: 'not-with' | 'ask-first'; readonly conditions: readonly string[] }
  | { readonly code: 'allergies'; readonly to: readonly string[] }
  /** A material, and the allergies that it may bring on. */
  | { readonly code: 'contains'; readonly id: string; readonly to: readonly string[] }
  /** Reasons for the wearer that is known. */
  | { readonly code: 'finding'; readonly finding: Finding }
  | { readonly code: 'kind'; readonly what: KindCaution }
  | { readonly code: 'place'; readonly what: PlaceCaution }
  /** What else went in, in the maker’s words. */
  | { readonly code: 'something-else'; readonly words: string }
  /** Most of it in one bath, in ml. */
  | { readonly code: 'bath-most'; readonly ml: number }
  | { readonly code: 'made-for'; readonly wearer: Pick<Wearer, 'name' | 'ageMonths'> }
  /** What is stated of every blend. */
  | { readonly code: 'everywhere' };

const oldest = (findings: readonly Finding[], near: boolean): number =>
  Math.max(
    0,
    ...findings.map(({ reason }) =>
      reason.code === 'age' && (reason.nearFace === 'perhaps') === near ? reason.belowMonths : 0,
    ),
  );

/** What someone not known has to be reported, gathered so that it fits a label. */
const forAnyone = (findings: readonly Finding[]): LabelCaution[] => {
  const forAnyone = findings.filter((entry) => entry.forAnyone);
  const stagesTo = (what: 'avoid' | 'caution') =>
    unique(
      forAnyone.flatMap(({ reason }) =>
        reason.code === 'life-stage' && reason.what === what ? [...reason.stages] : [],
      ),
    );
  const stages = stagesTo('avoid');
  const askedStages = stagesTo('caution').filter((stage) => !stages.includes(stage));
  const child = oldest(forAnyone, false);
  const childFace = oldest(forAnyone, true);
  const conditionsTo = (what: 'avoid' | 'caution') =>
    unique(
      forAnyone.flatMap(({ reason }) =>
        reason.code === 'condition' && reason.what === what ? [reason.condition] : [],
      ),
    );
  const avoided = conditionsTo('avoid');
  const conditions = conditionsTo('caution').filter((id) => !avoided.includes(id));
  const bringing = unique(
    forAnyone.flatMap(({ reason, subject }) => (reason.code === 'allergy' ? [subject] : [])),
  );
  return [
    ...(stages.length > 0 ? [{ code: 'not-when', stages } as const] : []),
    ...(child > 0 ? [{ code: 'not-under', months: child } as const] : []),
    ...(childFace > child ? [{ code: 'not-near-face-under', months: childFace } as const] : []),
    ...(avoided.length > 0 ? [{ code: 'not-with', conditions: avoided } as const] : []),
    ...(askedStages.length > 0 ? [{ code: 'ask-when', stages: askedStages } as const] : []),
    ...(conditions.length > 0 ? [{ code: 'ask-first', conditions } as const] : []),
    ...bringing.map((id) => ({
      code: 'contains' as const,
      id,
      to: unique(
        forAnyone.flatMap(({ reason, subject }) =>
          reason.code === 'allergy' && subject === id ? [reason.to] : [],
        ),
      ),
    })),
  ];
};

/** What no one has asked of a wearer who is known: not asked is not no. */
const openQuestions = (findings: readonly Finding[]): LabelCaution[] => {
  const about = (rule: Finding['rule']): string[] =>
    unique(
      findings.flatMap(({ rule: of, reason }) =>
        of === rule && reason.code === 'not-asked' ? [...reason.about] : [],
      ),
    );
  const conditions = about('condition');
  const to = about('allergy');
  return [
    ...(about('life-stage').length > 0
      ? [{ code: 'not-when', stages: ['pregnant', 'breastfeeding'] } as const]
      : []),
    ...(conditions.length > 0 ? [{ code: 'ask-first', conditions } as const] : []),
    ...(to.length > 0 ? [{ code: 'allergies', to } as const] : []),
  ];
};

/** Cautions of product and place, as they concern whoever opens it. */
const inUse = (mixture: Mixture, brief: Brief, findings: readonly Finding[]): LabelCaution[] => {
  const isOfKind = (what: KindCaution): boolean =>
    findings.some(({ reason }) => reason.code === 'kind' && reason.what === what);
  const named = findings.flatMap(({ reason }): LabelCaution[] => {
    switch (reason.code) {
      case 'kind':
        // What spoils is shaken before use already.
        return reason.what === 'water-floats' && isOfKind('water')
          ? []
          : [{ code: 'kind', what: reason.what }];
      case 'place':
        return [{ code: 'place', what: reason.what }];
      case 'something-else':
        return [{ code: 'something-else', words: reason.words }];
      case 'bath-drops':
        return [{ code: 'bath-most', ml: reason.mostMl }];
      default:
        return [];
    }
  });
  // Dispersed or not, fat makes a tub slippery; the findings tell only what matters most.
  const fat = mixture.bases.some(({ base }) => ['oil', 'butter', 'wax'].includes(base.kind));
  return brief.place === 'bath' && fat ? [...named, { code: 'kind', what: 'bath-slip' }] : named;
};

/** Of a known wearer, the cautions that are theirs. */
const forWearer = (findings: readonly Finding[]): LabelCaution[] =>
  findings
    .filter(
      ({ verdict, rule }) =>
        verdict !== 'within' && verdict !== 'note' && ruleFacts(rule).isOnLabel,
    )
    .map((finding) => ({ code: 'finding', finding }));

/**
 * The cautions that this blend's label carries, the most particular first: sun,
 * who must not have it, then what holds for every blend.
 */
export const labelCautions = (
  mixture: Mixture,
  brief: Brief,
  findings: readonly Finding[],
): LabelCaution[] => {
  const wearer = knownWearer(brief);
  const sensitising =
    sunOn(brief) !== 'rinsed off' &&
    (mixture.oils.some(({ oil, ml }) => ml.high > 0 && oil.phototoxicLimitPercent !== null) ||
      mixture.bases.some(({ base }) => base.sun !== null));
  return [
    ...(sensitising
      ? [{ code: 'out-of-sun', hours: guidelines.phototoxic.hoursOutOfSun.used } as const]
      : []),
    ...(wearer ? forWearer(findings) : forAnyone(findings)),
    ...(wearer ? openQuestions(findings) : []),
    ...inUse(mixture, brief, findings),
    ...(wearer ? [{ code: 'made-for', wearer } as const] : []),
    { code: 'everywhere' },
  ];
};
