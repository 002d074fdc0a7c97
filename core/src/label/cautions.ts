import { ageWords } from '../brief/words';
import type { Brief } from '../brief/brief';
import { knownWearer } from '../limits/question';
import type { Finding } from '../limits/finding';
import { guidelines } from '../library/library';
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
    ...(wearer ? [`Made for ${wearer.name ?? 'one wearer'}: not for others.`] : []),
    `${guidelines.everywhere.map(capital).join('. ')}.`,
  ];
};
