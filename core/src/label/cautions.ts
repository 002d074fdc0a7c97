import type { Wearer } from '../brief/wearer';
import { ageWords, someoneOfAge } from '../brief/words';
import type { Brief } from '../brief/brief';
import { knownWearer } from '../limits/question';
import type { Finding, KindCaution, PlaceCaution } from '../limits/finding';
import { cautions, guidelines } from '../library/library';
import type { Mixture } from '../blend/mixture';
import { formatList } from '../quantity/format';
import { findingMessage } from '../limits/words';

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const oldest = (findings: readonly Finding[], near: boolean): number =>
  Math.max(
    0,
    ...findings.map(({ reason }) =>
      reason.code === 'age' && (reason.nearFace === 'perhaps') === near ? reason.belowMonths : 0,
    ),
  );

const unique = (items: readonly string[]): string[] => [...new Set(items)];

/** What somebody not known has to be told, gathered so that it fits a label. */
const forAnyone = (findings: readonly Finding[]): string[] => {
  const told = findings.filter((entry) => entry.forAnyone);
  const stages = unique(
    told.flatMap(({ reason }) => (reason.code === 'life-stage' ? [...reason.stages] : [])),
  );
  const child = oldest(told, false);
  const childFace = oldest(told, true);
  const conditions = unique(
    told.flatMap(({ reason }) => (reason.code === 'condition' ? [reason.condition] : [])),
  );
  const allergies = unique(
    told.flatMap(({ reason }) => (reason.code === 'allergy' ? [reason.to] : [])),
  );
  return [
    ...(stages.length > 0 ? [`Not when ${stages.join(' or ')}.`] : []),
    ...(child > 0 ? [`Not for children under ${ageWords(child)}.`] : []),
    ...(childFace > child
      ? [`Not on or near the face of children under ${ageWords(childFace)}.`]
      : []),
    ...(conditions.length > 0 ? [`Ask first with: ${formatList(conditions)}.`] : []),
    ...(allergies.length > 0 ? [`Mind an allergy to: ${formatList(allergies)}.`] : []),
  ];
};

/** Skin is asked of everybody who is known; illness and medicines are often not. */
const skinIsAsked = 'hypersensitive or damaged skin';

/** Conditions that speak against what is in it, and that this wearer was not said to have. */
const notAsked = (mixture: Mixture, wearer: Wearer): string[] => {
  const all = unique(
    [
      ...mixture.oils.flatMap(({ oil, ml }) => (ml.high > 0 ? oil.conditions : [])),
      ...mixture.bases.flatMap(({ base }) => base.conditions),
    ].map(({ condition }) => condition),
  );
  const open = all.filter((one) => one !== skinIsAsked && !wearer.conditions.includes(one));
  return open.length > 0 ? [`Ask first with: ${formatList(open)}.`] : [];
};

/** What the kind of product asks of whoever opens it; the rest is a matter of making it. */
const kindOnLabel: Partial<Record<KindCaution, string>> = {
  'bath-film': 'Disperse before bathing: oil alone floats on the water, neat on skin.',
  'bath-solubiliser': 'Disperse before bathing: some of the oil floats.',
  'bath-slip': 'The tub gets slippery.',
  'keep-dry': 'Keep water out of it. A shower floor gets slippery.',
  flame: 'Keep away from flames.',
  water: `Shake before use. Use it up within ${cautions.water.keepsDays} days of making.`,
};

/** What the place asks of whoever uses it. */
const placeOnLabel: Partial<Record<PlaceCaution, string>> = {
  underarm: 'Not after shaving.',
  broken: 'Not on open skin.',
  breast: 'Not on the breast.',
  'bath-little': 'Feels ice cold in bath water: use very little.',
};

/** Cautions of product and place, as they concern whoever opens it. */
const inUse = (mixture: Mixture, brief: Brief, findings: readonly Finding[]): string[] => {
  const told = findings.flatMap(({ reason }) => {
    if (reason.code === 'kind') return [kindOnLabel[reason.what]];
    return reason.code === 'place' ? [placeOnLabel[reason.what]] : [];
  });
  // Dispersed or not, fat makes a tub slippery; the findings tell only what matters most.
  const fat = mixture.bases.some(({ base }) => ['oil', 'butter', 'wax'].includes(base.kind));
  const slips = brief.place === 'bath' && fat ? [kindOnLabel['bath-slip']] : [];
  return unique([...told, ...slips].filter((line) => line !== undefined));
};

/** Of a known wearer, the cautions that are theirs. */
const forWearer = (findings: readonly Finding[]): string[] =>
  findings
    .filter(
      ({ verdict, rule }) =>
        verdict !== 'holds' && ['age', 'life-stage', 'condition', 'allergy'].includes(rule),
    )
    .map(findingMessage);

/**
 * The cautions that this blend's label carries, the most particular first: sun,
 * who must not have it, then what holds for every blend.
 */
export const labelCautions = (
  mixture: Mixture,
  brief: Brief,
  findings: readonly Finding[],
): string[] => {
  const wearer = knownWearer(brief);
  const sensitising =
    brief.use === 'leave-on' &&
    (mixture.oils.some(({ oil, ml }) => ml.high > 0 && oil.phototoxicLimitPercent !== null) ||
      mixture.bases.some(({ base }) => base.sun !== null));
  const hours = guidelines.lightSensitising.hoursOutOfSun.used;
  return [
    ...(sensitising ? [`Keep treated skin out of sun for ${hours} hours.`] : []),
    ...(wearer ? forWearer(findings) : forAnyone(findings)),
    ...(wearer ? notAsked(mixture, wearer) : []),
    ...inUse(mixture, brief, findings),
    ...(wearer
      ? [`Made for ${wearer.name ?? someoneOfAge(wearer.ageMonths)}: not for others.`]
      : []),
    `${guidelines.everywhere.map(capital).join('. ')}.`,
  ];
};
