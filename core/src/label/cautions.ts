import type { Brief, Wearer } from '../brief';
import { guidelines } from '../catalog';
import { knownWearer, type Finding, type KindCaution, type PlaceCaution } from '../limits';
import type { Mixture } from '../mixture';

/** One caution of a label, as facts. */
export type LabelCaution =
  | { readonly code: 'out-of-sun'; readonly hours: number }
  | { readonly code: 'not-when'; readonly stages: readonly ('pregnant' | 'breastfeeding')[] }
  | { readonly code: 'not-under' | 'not-near-face-under'; readonly months: number }
  | { readonly code: 'ask-first'; readonly conditions: readonly string[] }
  | { readonly code: 'allergies'; readonly to: readonly string[] }
  /** What speaks against it for the wearer that is known. */
  | { readonly code: 'finding'; readonly finding: Finding }
  | { readonly code: 'kind'; readonly what: KindCaution }
  | { readonly code: 'place'; readonly what: PlaceCaution }
  | { readonly code: 'made-for'; readonly wearer: Pick<Wearer, 'name' | 'ageMonths'> }
  /** What is said of every blend. */
  | { readonly code: 'everywhere' };

const oldest = (findings: readonly Finding[], near: boolean): number =>
  Math.max(
    0,
    ...findings.map(({ reason }) =>
      reason.code === 'age' && (reason.nearFace === 'perhaps') === near ? reason.belowMonths : 0,
    ),
  );

const unique = <T>(items: readonly T[]): T[] => [...new Set(items)];

/** What somebody not known has to be told, gathered so that it fits a label. */
const forAnyone = (findings: readonly Finding[]): LabelCaution[] => {
  const told = findings.filter((entry) => entry.forAnyone);
  const stages = unique(
    told.flatMap(({ reason }) => (reason.code === 'life-stage' ? [...reason.stages] : [])),
  );
  const child = oldest(told, false);
  const childFace = oldest(told, true);
  const conditions = unique(
    told.flatMap(({ reason }) => (reason.code === 'condition' ? [reason.condition] : [])),
  );
  const to = unique(told.flatMap(({ reason }) => (reason.code === 'allergy' ? [reason.to] : [])));
  return [
    ...(stages.length > 0 ? [{ code: 'not-when', stages } as const] : []),
    ...(child > 0 ? [{ code: 'not-under', months: child } as const] : []),
    ...(childFace > child ? [{ code: 'not-near-face-under', months: childFace } as const] : []),
    ...(conditions.length > 0 ? [{ code: 'ask-first', conditions } as const] : []),
    ...(to.length > 0 ? [{ code: 'allergies', to } as const] : []),
  ];
};

/** Skin is asked of everybody who is known; illness and medicines are often not. */
const skinIsAsked = 'hypersensitive or damaged skin';

/** Conditions that speak against what is in it, and that this wearer was not said to have. */
const notAsked = (mixture: Mixture, wearer: Wearer): LabelCaution[] => {
  const all = unique(
    [
      ...mixture.oils.flatMap(({ oil, ml }) => (ml.high > 0 ? oil.conditions : [])),
      ...mixture.bases.flatMap(({ base }) => base.conditions),
    ].map(({ condition }) => condition),
  );
  const conditions = all.filter((one) => one !== skinIsAsked && !wearer.conditions.includes(one));
  return conditions.length > 0 ? [{ code: 'ask-first', conditions }] : [];
};

/** Cautions of product and place, as they concern whoever opens it. */
const inUse = (mixture: Mixture, brief: Brief, findings: readonly Finding[]): LabelCaution[] => {
  const told = findings.flatMap(({ reason }): LabelCaution[] =>
    reason.code === 'kind' || reason.code === 'place'
      ? [
          reason.code === 'kind'
            ? { code: 'kind', what: reason.what }
            : { code: 'place', what: reason.what },
        ]
      : [],
  );
  // Dispersed or not, fat makes a tub slippery; the findings tell only what matters most.
  const fat = mixture.bases.some(({ base }) => ['oil', 'butter', 'wax'].includes(base.kind));
  return brief.place === 'bath' && fat ? [...told, { code: 'kind', what: 'bath-slip' }] : told;
};

/** Of a known wearer, the cautions that are theirs. */
const forWearer = (findings: readonly Finding[]): LabelCaution[] =>
  findings
    .filter(
      ({ verdict, rule }) =>
        verdict !== 'within' &&
        verdict !== 'note' &&
        ['age', 'life-stage', 'condition', 'allergy'].includes(rule),
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
    brief.use === 'leave-on' &&
    (mixture.oils.some(({ oil, ml }) => ml.high > 0 && oil.phototoxicLimitPercent !== null) ||
      mixture.bases.some(({ base }) => base.sun !== null));
  return [
    ...(sensitising
      ? [{ code: 'out-of-sun', hours: guidelines.phototoxic.hoursOutOfSun.used } as const]
      : []),
    ...(wearer ? forWearer(findings) : forAnyone(findings)),
    ...(wearer ? notAsked(mixture, wearer) : []),
    ...inUse(mixture, brief, findings),
    ...(wearer ? [{ code: 'made-for', wearer } as const] : []),
    { code: 'everywhere' },
  ];
};
