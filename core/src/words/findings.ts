import { ageWords, placeWords } from './brief';
import { cautions, nameIn, type BottleInUse, type Catalog } from '../catalog';
import { formatList, formatNumber, formatPercent } from './numbers';
import { assumedDensity } from '../mixture';
import { type Finding, type KindCaution, type PlaceCaution, shareOfLimit } from '../limits';

const rowWords: Record<string, string> = {
  age: 'this age',
  pregnant: 'pregnancy',
  nursing: 'nursing',
  'sensitive-skin-body': 'sensitive skin',
  'sensitive-skin-face': 'sensitive skin on the face',
  'frail-or-very-ill': 'someone frail or very ill',
  'eczema-active-or-fragrance-allergy': 'active eczema or a fragrance allergy',
  anyone: 'someone not known',
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

/** Two numbers with digits enough to differ, where they do: `2.003` and `2`. */
const apart = (value: number, limit: number): readonly [string, string] => {
  for (let digits = 2; digits < 7; digits += 1) {
    const pair = [formatNumber(value, digits), formatNumber(limit, digits)] as const;
    if (pair[0] !== pair[1]) return pair;
  }
  return [formatNumber(value), formatNumber(limit)];
};

/** `2.9 of 4 %`, with what large drops would make of it; past the limit, both numbers in full. */
const upTo = ({ value, limit, verdict, by, rule }: Finding): string => {
  if (!value || limit === null) return '';
  const [likely, most] = apart(value.likely, limit);
  const high = formatNumber(value.high);
  const measure = by === 'weight' ? ' by weight' : '';
  if (verdict === 'over') return `${likely} %${measure}, past the ${most} % allowed`;
  const large =
    likely === high
      ? ''
      : `, up to ${high} with large drops${rule === 'constituent' || rule === 'sale' ? ' and high content' : ''}`;
  return `${likely} of ${most} %${measure}${large}`;
};

const rinsed = (finding: Finding): string =>
  finding.rinsedOff
    ? ' Rinsed off, yet judged by the figures for what stays on, which is careful.'
    : '';

const stageWords = { pregnant: 'pregnancy', breastfeeding: 'nursing' } as const;

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

const phototoxicWords = (
  catalog: Catalog,
  finding: Finding,
  oils: readonly string[],
  covered: boolean,
): string => {
  const share = shareOfLimit(finding.value, finding.limit);
  const used = share ? `${formatNumber(share.likely)} %` : '';
  const names = formatList(oils.map((id) => nameIn(catalog, id)));
  const verb = oils.length === 1 ? 'uses' : 'together use';
  if (finding.verdict === 'within') return `${names} ${verb} ${used} of the light limit.`;
  const high = share ? `, up to ${formatNumber(share.high)} % with large drops` : '';
  return covered
    ? `${names} ${verb} ${used} of the light limit: keep the skin covered for 24 hours.`
    : `${names} ${verb} ${used} of the light limit${finding.verdict === 'over' ? '' : high}: skin could burn in sun.`;
};

/** One finding in a sentence or two, for people. */
export const findingMessage = (catalog: Catalog, finding: Finding): string => {
  const { reason } = finding;
  const name = nameIn(catalog, finding.subject);
  switch (reason.code) {
    case 'whole-blend':
      return wholeBlendWords(finding, reason.recommended, reason.because) + rinsed(finding);
    case 'whole-blend-none':
      return finding.verdict === 'within'
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
      return phototoxicWords(catalog, finding, reason.oils, reason.covered);
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
      const to = nameIn(catalog, reason.to);
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
    case 'density-assumed':
      return `${name}: its density is not known here; ${formatNumber(assumedDensity.low)} to ${formatNumber(assumedDensity.high)} g to the ml is assumed.`;
    case 'constituent': {
      const names = formatList(reason.oils.map((id) => nameIn(catalog, id)));
      const stricter = reason.stricter
        ? ' Lips and underarm have a stricter cap, which is not held.'
        : '';
      const verb = reason.oils.length > 1 ? 'together bring' : 'brings';
      return `${names} ${verb} ${finding.subject} to ${upTo(finding)} (${reason.why}).${stricter}${rinsed(finding)}`;
    }
    case 'chemistry-not-held':
      return `${name}: its chemistry is not known here, so the caps that oils share cannot be cleared.`;
    case 'share-not-known':
      return `${name}: how much of it is essential oil is not known, so it cannot be cleared.`;
    case 'place':
      return placeCautionWords(reason.what, name);
    case 'kind':
      return kindCautionWords(reason.what, name);
    case 'oil-age':
      return oilAgeWords(finding, reason.bottle, name);
    case 'sale':
      return `${formatList(reason.oils.map((id) => nameIn(catalog, id)))} ${
        reason.oils.length > 1 ? 'together bring' : 'brings'
      } ${finding.subject} to ${upTo(finding)} in ${saleWords[reason.product]} for sale.`;
    case 'nothing-found':
      return nothingFound[finding.rule] ?? 'Nothing found.';
  }
};

const placeCautionWords = (what: PlaceCaution, name: string): string => {
  switch (what) {
    case 'mucosa':
      return 'No essential oil goes to eyes, inner nose, ear canal or mucosa.';
    case 'lips-light':
      return `${name} sensitises to light and is not for lips, which cannot be covered.`;
    case 'underarm':
      return 'Shaved or damp skin reacts easily: not after shaving.';
    case 'broken':
      return 'Broken or inflamed skin takes up more and stings: never on open skin.';
    case 'breast':
      return 'While nursing, keep it off the breast and where the child’s face will lie.';
    case 'bath-child':
      return `No essential oil in the bath of ${childPhrase(cautions.bath.noneBelowMonths)}.`;
    case 'bath-keep-out':
      return `${name} burns skin in bath water: keep it out of the bath.`;
    case 'bath-little':
      return `${name} feels ice cold in bath water: very little.`;
  }
};

const kindCautionWords = (what: KindCaution, name: string): string => {
  switch (what) {
    case 'bath-film':
      return 'Oil does not mix with water: it lies on it as a film, neat on skin, and the tub is slippery. Disperse it first.';
    case 'bath-solubiliser':
      return `There is less solubiliser than ${cautions.bath.solubiliserParts} parts to 1 of essential oil: some of it will float.`;
    case 'water':
      return `${name} does not mix with oil and spoils without a preservative: it separates, and keeps ${cautions.water.keepsDays} days, not months.`;
    case 'sets':
      return `${name} sets in a cool room and will not run: warm the bottle in the hand first, or take less of it.`;
    case 'flame':
      return 'It burns: nothing sprayed or worn wet near a flame, a cigarette or a heater.';
    case 'dry':
      return `${name} does not dissolve in oil: it will clog this vessel.`;
    case 'thick':
      return `${name} is thick: a spray hardly pumps it. Thin it with a light oil, or take a pump.`;
    case 'bath-slip':
      return 'Fat makes the tub slippery: hold on to something, and rinse the tub after.';
    case 'hot-wax':
      return 'Hot wax and fat burn skin: a water bath, no open flame, no child at the pan, and never leave it alone.';
    case 'keep-dry':
      return 'Water spoils it: dry fingers or a spoon. Used in a shower, the floor is slippery.';
  }
};

const oilAgeWords = ({ verdict }: Finding, bottle: BottleInUse, name: string): string => {
  const lot = bottle.lot ? `, lot ${bottle.lot},` : '';
  const since =
    bottle.because === 'printed'
      ? `is past the date on the bottle, ${bottle.keepsUntil}`
      : `has been open too long: it kept until ${bottle.keepsUntil}`;
  const skin = verdict === 'over' ? 'Oxidised, it sensitises skin.' : 'Smell it before you use it.';
  return `${name}${lot} ${since}. ${skin}`;
};

const saleWords = {
  perfume: 'a perfume',
  leaveOn: 'something left on skin',
  rinseOff: 'something rinsed off',
  product: 'a finished product',
} as const;

const nothingFound: Partial<Record<Finding['rule'], string>> = {
  constituent: 'Nothing in it has a cap that oils share.',
  age: 'Nothing in it is kept from this age.',
  'life-stage': 'Nothing in it speaks against pregnancy or nursing, as far as they apply.',
  condition: 'Nothing in it speaks against the conditions given.',
  allergy: 'Nothing in it matches an allergy given.',
  'never-on-skin': 'Nothing in it is kept off skin.',
  place: 'The place asks for nothing beyond its strength.',
  kind: 'The kind of product asks for nothing beyond its strength.',
  'oil-age': 'No bottle of it on the shelf is past its time.',
  sale: 'Nothing in it is restricted in goods for sale, of what is held here.',
  'not-known': 'No figure is missing.',
};
