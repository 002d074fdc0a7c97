import { ageWords, placeWords } from '../brief/words';
import { findBase, findOil } from '../library/library';
import { formatList, formatNumber, formatPercent } from '../quantity/format';
import type { Finding } from './finding';
import { shareOfLimit, type Verdict } from './verdict';

export const verdictWords: Record<Verdict, string> = {
  holds: 'holds',
  mind: 'mind',
  over: 'over',
  'not-known': 'not known',
};

const rowWords: Record<string, string> = {
  age: 'this age',
  pregnant: 'pregnancy',
  nursing: 'nursing',
  'sensitive-skin-body': 'sensitive skin',
  'sensitive-skin-face': 'sensitive skin on the face',
  'frail-or-very-ill': 'someone frail or very ill',
  'eczema-active-or-fragrance-allergy': 'active eczema or a fragrance allergy',
  anyone: 'anyone, not known',
};

/** Places that are one thing on a body: the face, the wrists and neck. */
const spokenWithArticle: ReadonlySet<string> = new Set([
  'face',
  'beard',
  'body-leave-on',
  'pulse-points',
  'chest-or-back-rub',
  'scalp-or-hair',
  'underarm',
  'lips',
]);

/** What a guideline row speaks of, in words: `pregnancy`, `the wrists and neck`. */
export const guidelineWords = (about: string): string => {
  const place = (placeWords as Readonly<Record<string, string>>)[about];
  if (place !== undefined) return spokenWithArticle.has(about) ? `the ${place}` : place;
  return rowWords[about] ?? about;
};

/** The name of an oil or base by its id; other subjects as they stand. */
export const subjectName = (subject: string): string =>
  findOil(subject)?.name ?? findBase(subject)?.name ?? subject;

/** `2.9 of 4 %`, with what large drops would make of it; past the limit, both numbers in full. */
const upTo = ({ value, limit, verdict, by, rule }: Finding): string => {
  if (!value || limit === null) return '';
  const likely = formatNumber(value.likely);
  const high = formatNumber(value.high);
  const measure = by === 'weight' ? ' by weight' : '';
  if (verdict === 'over') return `${likely} %${measure}, past the ${formatPercent(limit)} allowed`;
  const large =
    likely === high
      ? ''
      : `, up to ${high} with large drops${rule === 'constituent' ? ' and high content' : ''}`;
  return `${likely} of ${formatPercent(limit)}${measure}${large}`;
};

const rinsed = (finding: Finding): string =>
  finding.rinsedOff
    ? ' Rinsed off, yet judged by the figures for what stays on, which is careful.'
    : '';

const stageWords = { pregnant: 'pregnancy', nursing: 'nursing' } as const;

/** Parties that a finding for "anyone" should warn. */
const perhaps = (verb: string, who: string): string => `${verb} ${who}: tell it on the label.`;

const childPhrase = (belowMonths: number): string => `children under ${ageWords(belowMonths)}`;

const wholeBlendWords = (finding: Finding, recommended: number, because: string): string => {
  if (!finding.value || finding.limit === null) return '';
  const advice =
    recommended === 0
      ? ' Recommended: none.'
      : recommended < finding.limit
        ? ` Recommended: at most ${formatPercent(recommended)}.`
        : '';
  return `For ${guidelineWords(because)} the whole blend is at ${upTo(finding)}.${advice}`;
};

const lightWords = (finding: Finding, oils: readonly string[], covered: boolean): string => {
  const share = shareOfLimit(finding.value, finding.limit);
  const used = share ? `${formatNumber(share.likely)} %` : '';
  const names = formatList(oils.map(subjectName));
  const verb = oils.length === 1 ? 'uses' : 'together use';
  if (finding.verdict === 'holds') return `${names} ${verb} ${used} of the light limit.`;
  const high = share ? `, up to ${formatNumber(share.high)} % with large drops` : '';
  return covered
    ? `${names} ${verb} ${used} of the light limit: keep the skin covered for 24 hours.`
    : `${names} ${verb} ${used} of the light limit${finding.verdict === 'over' ? '' : high}: skin could burn in sun.`;
};

/** One finding in a sentence or two, for people. */
export const findingMessage = (finding: Finding): string => {
  const { reason } = finding;
  const name = subjectName(finding.subject);
  switch (reason.code) {
    case 'whole-blend':
      return wholeBlendWords(finding, reason.recommended, reason.because) + rinsed(finding);
    case 'whole-blend-none':
      return finding.verdict === 'holds'
        ? 'No essential oil is in it.'
        : `No essential oil is for ${guidelineWords(reason.because)}.`;
    case 'oil-maximum':
      return `${name} is at ${upTo(finding)}${reason.basis ? ` (${reason.basis})` : ''}.${
        reason.assumed ? ' The figure is assumed from near kin.' : ''
      }${rinsed(finding)}`;
    case 'no-maximum-stated':
      return `${name} has no maximum of its own; the whole blend's still counts.${rinsed(finding)}`;
    case 'stricter-place':
      return `${name}: lips and underarm have a stricter cap, which is not held. The general one is ${
        finding.limit === null ? 'not set' : formatPercent(finding.limit)
      }.`;
    case 'light-sum':
      return lightWords(finding, reason.oils, reason.covered);
    case 'light-none':
      return 'No light-sensitising oil is in it.';
    case 'light-rinsed-off':
      return 'Rinsed off, so the light limit does not apply.';
    case 'light-base':
      return `${name}: ${reason.why}.`;
    case 'age-too-young':
      return 'No essential oil at all under three months.';
    case 'age': {
      const who = childPhrase(reason.belowMonths);
      if (reason.nearFace === 'perhaps') return perhaps(`${name}: not on or near the face of`, who);
      if (reason.nearFace === 'elsewhere') {
        return `${name} (${reason.why}): keep it from the face of ${who}.`;
      }
      if (finding.forAnyone) return perhaps(`${name}: not for`, who);
      return reason.nearFace === 'here'
        ? `${name} (${reason.why}) is not for the face of ${who}, nor near it.`
        : `${name} (${reason.why}) is not for ${who}.`;
    }
    case 'life-stage': {
      const stages = formatList(reason.stages.map((stage) => stageWords[stage]));
      if (finding.forAnyone) return perhaps(`${name}: not in`, stages);
      return finding.verdict === 'over'
        ? `${name} is to be avoided in ${stages}.`
        : `${name}: be careful in ${stages}.`;
    }
    case 'condition':
      if (reason.general !== undefined) {
        return `${name.charAt(0).toUpperCase()}${name.slice(1)}: ${reason.general || 'take care'}.`;
      }
      if (finding.forAnyone) return perhaps(`${name}: take care with`, reason.condition);
      return finding.verdict === 'over'
        ? `${name} is to be avoided with: ${reason.condition}.`
        : `${name}: be careful with: ${reason.condition}.`;
    case 'condition-free-words':
      return `“${finding.subject}” is in your own words, and no rule reads it. Ask someone licensed.`;
    case 'allergy': {
      const to = subjectName(reason.to);
      if (finding.forAnyone) return perhaps(`${name}: not for those allergic to`, to);
      return finding.verdict === 'over'
        ? `${name} is not for someone allergic to ${to}.`
        : `${name} may matter to someone allergic to ${to}.`;
    }
    case 'allergy-free-words':
      return `“${finding.subject}” is in your own words, and no rule reads it. Check every label.`;
    case 'never-on-skin':
      return `${name} is kept off skin altogether.`;
    case 'not-for-home':
      return `${name} is not for home blending (${reason.why}).`;
    case 'figure-not-held':
      return `${name}: its maximum is not known here, so it cannot be cleared.`;
    case 'density-not-held':
      return `${name}: its density is not known here, so its strength by weight cannot be worked out.`;
    case 'constituent': {
      const names = formatList(reason.oils.map(subjectName));
      const stricter = reason.stricter
        ? ' Lips and underarm have a stricter cap, which is not held.'
        : '';
      const verb = reason.oils.length > 1 ? 'together bring' : 'brings';
      return `${names} ${verb} ${finding.subject} to ${upTo(finding)} (${reason.why}).${stricter}${rinsed(finding)}`;
    }
    case 'chemistry-not-held':
      return `${name}: its chemistry is not known here, so the caps that oils share cannot be cleared.`;
    case 'nothing-found':
      return nothingFound[finding.rule] ?? 'Nothing found.';
  }
};

const nothingFound: Partial<Record<Finding['rule'], string>> = {
  constituent: 'Nothing in it has a cap that oils share.',
  age: 'Nothing in it is kept from this age.',
  'life-stage': 'Nothing in it speaks against pregnancy or nursing, as far as they apply.',
  condition: 'Nothing in it speaks against the conditions given.',
  allergy: 'Nothing in it matches an allergy given.',
  'never-on-skin': 'Nothing in it is kept off skin.',
  'not-known': 'No figure is missing.',
};
