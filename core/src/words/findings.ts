import { ageWords } from './brief';
import {
  nameIn,
  sourceTitles,
  type BottleInUse,
  type Catalog,
  type ProductCategory,
} from '../catalog';
import { allergyOrCondition, allergyWords, conditionWords } from './conditions';
import { kindCautionWords, placeCautionWords, placeWordWords } from './placeAndKind';
import { dayWords } from './days';
import { guidelineWords, phototoxicWords, upTo, wholeBlendWords } from './findingFigures';
import { doesNotApply, nothingFound } from './nothingFound';
import { capitalised, formatList, formatMl, formatNumber, formatPercent } from './numbers';
import { assumedDensity } from '../mixture';
import { type Finding, mostTimesPerDay, type SaleProduct } from '../limits';

const rinsed = (finding: Finding): string =>
  finding.rinsedOff ? ' It is rinsed off, but judged as if left on, to be careful.' : '';

const stageWords = { pregnant: 'pregnancy', breastfeeding: 'breastfeeding' } as const;

/** Parties that a finding for "anyone" should warn. */
const perhaps = (verb: string, who: string): string => `${verb} ${who}: the label says so.`;

const childPhrase = (belowMonths: number): string => `children under ${ageWords(belowMonths)}`;

const categoryWords: Readonly<Record<ProductCategory, string>> = {
  lips: 'lip products',
  underarm: 'underarm products',
  perfume: 'perfume',
  body: 'body products',
  face: 'face products',
  hands: 'hand products',
};

/** A name, with the ready-made blend that brings it. */
const nameInside = (catalog: Catalog, { subject, inside }: Finding): string => {
  const name = nameIn(catalog, subject);
  return inside.length === 0
    ? name
    : `${name} (in ${formatList(inside.map((id) => nameIn(catalog, id)))})`;
};

/** Of an oil of the maker's own, the oils of the library to whose figures it is held. */
const namesakeWords = (catalog: Catalog, id: string): string => {
  const held = catalog.oil(id)?.own?.heldTo ?? [];
  return held.length === 0
    ? ''
    : ` It bears the name or the plant of ${formatList(held.slice(0, 3).map((other) => nameIn(catalog, other)))}, and the stricter figures count.`;
};

/** One finding in a sentence or two, for people. */
export const findingMessage = (catalog: Catalog, finding: Finding): string => {
  const { reason } = finding;
  const name = nameInside(catalog, finding);
  switch (reason.code) {
    case 'whole-blend':
      return wholeBlendWords(finding, reason.recommended, reason.because) + rinsed(finding);
    case 'whole-blend-none':
      return finding.verdict === 'within'
        ? 'It has no essential oil.'
        : `No essential oil is for ${guidelineWords(reason.because)}.`;
    case 'oil-maximum':
      return `${name}: ${upTo(finding)}${reason.basis ? ` (${reason.basis})` : ''}.${
        reason.assumed ? ' The figure is inferred from a related oil.' : ''
      }${namesakeWords(catalog, finding.subject)}${rinsed(finding)}`;
    case 'own-figure-looser':
      return `${name}: ${formatPercent(finding.value?.likely ?? 0)}${finding.by === 'weight' ? ' by weight' : ''}. The library allows ${formatPercent(reason.library)} (${sourceTitles[reason.librarySource] ?? reason.librarySource}); your own figure allows ${formatPercent(reason.own)} (${reason.ownSource}).`;
    case 'no-maximum-stated':
      return `${name} has no published maximum of its own; the limit of the whole blend applies.${rinsed(finding)}`;
    case 'light-sum':
      return phototoxicWords(catalog, finding, reason.oils, reason.covered);
    case 'light-none':
      return 'It has no phototoxic oil.';
    case 'light-rinsed-off':
      return 'Rinsed off, so the phototoxic limit does not apply.';
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
    case 'age-lips':
      return `No essential oil on the lips of ${childPhrase(reason.belowMonths)}: they lick it off.`;
    case 'age-spray':
      return `No spray near the face of ${childPhrase(reason.belowMonths)}.`;
    case 'age-alcohol':
      return `No alcohol on the skin of ${childPhrase(reason.belowMonths)}.`;
    case 'life-stage': {
      const stages = formatList(reason.stages.map((stage) => stageWords[stage]));
      const why = reason.why === null ? '' : ` (${reason.why})`;
      if (finding.forAnyone) {
        return perhaps(`${name}: ${reason.what === 'avoid' ? 'not in' : 'ask first in'}`, stages);
      }
      return finding.verdict === 'over'
        ? `${name} should be avoided in ${stages}${why}.`
        : `${name}: be careful in ${stages}${why}.`;
    }
    case 'life-stage-not-known':
      return `${name}: whether it may be used in ${formatList(reason.stages.map((stage) => stageWords[stage]))} is not known.`;
    case 'condition':
      if (reason.general !== undefined) {
        return `${capitalised(conditionWords(finding.subject))}: ${reason.general || 'take care'}.`;
      }
      if (finding.forAnyone) {
        return perhaps(
          `${name}: ${reason.what === 'avoid' ? 'not with' : 'ask first with'}`,
          conditionWords(reason.condition),
        );
      }
      return `${name}${
        finding.verdict === 'over' ? ' should be avoided with' : ': be careful with'
      } ${conditionWords(reason.condition)}${reason.why ? ` (${reason.why})` : ''}.`;
    case 'condition-read-as':
      return `“${finding.subject}” is read as: ${conditionWords(reason.condition)}.`;
    case 'condition-without-caution':
      return `“${finding.subject}”: for ${reason.condition} we know of no published caution on oils on skin.`;
    case 'condition-free-words':
      return `“${finding.subject}” is free text, which isn’t checked. Ask a qualified aromatherapist or a pharmacist.`;
    case 'allergy': {
      const to = allergyWords(catalog, reason.to);
      if (reason.to === finding.subject && finding.verdict === 'over') {
        return `${name} is what they are allergic to.`;
      }
      if (finding.forAnyone) return perhaps(`${name}: not for those allergic to`, to);
      if (finding.verdict === 'over') return `${name} is not for someone allergic to ${to}.`;
      return reason.by === 'relative'
        ? `${name} is closely related to ${to}: patch test first.`
        : `${name} may matter to someone allergic to ${to}: patch test first.`;
    }
    case 'suspected':
      return `${name} was in a blend that their skin reacted to: test it alone first.`;
    case 'allergy-free-words':
      return `“${finding.subject}” is free text, which isn’t checked. Check every label.`;
    case 'never-on-skin':
      return reason.why === null
        ? `${name} is not used on skin at all.`
        : `${name} must never go on skin: ${reason.why}.`;
    case 'not-for-home':
      return `${name} is not for home blending (${reason.why}).`;
    case 'figure-not-held':
      return `${name}: its dermal maximum is not known, so it can’t be checked.`;
    case 'density-assumed':
      return `${name}: its density is not known; ${formatNumber(assumedDensity.low)} to ${formatNumber(assumedDensity.high)} g per ml is assumed.`;
    case 'constituent': {
      const names = formatList(reason.oils.map((id) => nameIn(catalog, id)));
      const stricter =
        reason.category === null
          ? ''
          : ` This is the figure for ${categoryWords[reason.category]}${reason.derived ? ', worked out from the one for perfume' : ''}.`;
      const verb = reason.oils.length > 1 ? 'together bring' : 'brings';
      return `${names} ${verb} ${finding.subject} to ${upTo(finding)} (${reason.why}).${stricter}${rinsed(finding)}`;
    }
    case 'chemistry-not-held':
      return `${name}: its composition is not known, so combined limits and limits by age, pregnancy and condition can’t be checked.`;
    case 'chemistry-partial':
      return `${name}: too little of its composition is known, so combined limits and limits by age, pregnancy and condition can’t be checked.`;
    case 'something-else':
      return finding.subject === 'something-else'
        ? `Something else went in: “${reason.words}”. It can’t be checked.`
        : `${name} went in beside the recipe, and how much of it is not known, so it can’t be checked.`;
    case 'not-understood':
      return `“${reason.text}” in the recipe was not understood, so the blend can’t be checked.`;
    case 'base-is-oil':
      return `${name} is an essential oil or an active by its name, and is judged as one here: add it as an oil.`;
    case 'allergens-not-known':
      return `${name}: what plant it comes from is not known here, so allergies can’t be checked.`;
    case 'chemistry-needed':
      return `${name}: its certificate says nothing of age, pregnancy, conditions or allergies, so they can’t be checked.`;
    case 'daily-amount': {
      const names = formatList(reason.oils.map((id) => nameIn(catalog, id)));
      const amount =
        reason.mgPerDay === null
          ? `each ml brings ${formatNumber(reason.mgPerMl)} mg of ${finding.subject}`
          : `that is about ${formatNumber(reason.mgPerDay)} mg of ${finding.subject} a day`;
      return `${names}, ${reason.times} times a day: ${amount}. Past ${mostTimesPerDay} times a day it adds up: use it less often.`;
    }
    case 'carrier-not-known':
      return `${name}: what carries its oils is not known, so allergies can’t be checked. Look at its label.`;
    case 'proportions-not-known':
      return `${name}: how much of each oil is in it is not known, so their limits can’t be checked.`;
    case 'share-not-known':
      return `${name}: how much of it is essential oil is not known, so it can’t be checked.`;
    case 'place':
      return placeCautionWords(reason.what, name);
    case 'kind':
      return kindCautionWords(reason.what, name, finding.subject);
    case 'place-words':
      return `“${reason.word}” is in its name or purpose. ${placeWordWords[reason.about]}`;
    case 'bath-drops':
      return reason.useMl === null
        ? `A tub takes ${reason.drops} drops of essential oil: use at most ${formatMl(reason.mostMl)} of this in a bath.`
        : `${formatMl(reason.useMl)} in a bath is more than the ${reason.drops} drops of essential oil that a tub takes: use at most ${formatMl(reason.mostMl)}.`;
    case 'oil-age':
      return oilAgeWords(finding, reason.bottle, name);
    case 'oil-age-not-known':
      return `${name} oxidises quickly, and no bottle of it is on the shelf: check when it was opened.`;
    case 'not-asked':
      return `Not asked yet: ${formatList(reason.about.map((id) => questionWord(catalog, id)))} (${name}).`;
    case 'sale':
      return `${formatList(reason.oils.map((id) => nameIn(catalog, id)))} ${
        reason.oils.length > 1 ? 'together bring' : 'brings'
      } ${saleSubject(catalog, finding.subject)} to ${upTo(finding)} in ${saleWords[reason.product]} for sale.`;
    case 'sale-child':
      return `The EU does not allow ${reason.what} in products for ${childPhrase(reason.belowMonths)}.`;
    case 'sale-no-figure':
      return `${name} is restricted in goods, and no figure is held here for ${saleWords[reason.product]}: ask your assessor.`;
    case 'sale-duties':
      return 'To sell it you also need what no program can give: a safety report by a qualified assessor, a notification and a responsible person.';
    case 'nothing-found':
      return nothingFound[finding.rule];
    case 'does-not-apply':
      return doesNotApply[finding.rule] ?? nothingFound[finding.rule];
  }
};

const oilAgeWords = ({ verdict }: Finding, bottle: BottleInUse, name: string): string => {
  const lot = bottle.lot ? `, lot ${bottle.lot},` : '';
  const since =
    bottle.because === 'printed'
      ? `is past the date on the bottle, ${dayWords(bottle.keepsUntil)}`
      : `has been open too long: best before ${dayWords(bottle.keepsUntil)}`;
  const skin =
    verdict === 'over' ? 'Once oxidised, it can sensitise skin.' : 'Smell it before you use it.';
  return `${name}${lot} ${since}. ${skin}`;
};

/** What an EU entry restricts: a substance as it is, a material by its name. */
const saleSubject = (catalog: Catalog, subject: string): string => nameIn(catalog, subject);

/** What was not asked about, in words. */
const questionWord = (catalog: Catalog, id: string): string =>
  id === 'stage' ? 'pregnancy and breastfeeding' : allergyOrCondition(catalog, id);

const saleWords: Readonly<Record<SaleProduct, string>> = {
  perfume: 'a perfume',
  alcoholPerfume: 'a perfume in alcohol',
  eauDeToilette: 'an eau de toilette',
  creamPerfume: 'a cream or solid perfume',
  bodySpray: 'a body spray',
  hairSpray: 'a hair spray',
  underarmSpray: 'a deodorant spray',
  leaveOn: 'something left on skin',
  rinseOff: 'something rinsed off',
  lips: 'something for lips',
};
