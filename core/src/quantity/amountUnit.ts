import { countryWords, type SpoonCountry } from './spoons';

/** Units in which people state an amount, as they are typed into a field. */
export type AmountUnit =
  | 'drops'
  | 'ml'
  | 'g'
  | 'tsp'
  | 'dessertspoon'
  | 'tbsp'
  | 'cup'
  | 'pint'
  | 'quart'
  | 'fl oz'
  | 'oz'
  | 'oz by weight'
  | 'lb'
  | 'grain'
  | 'parts'
  | 'percent'
  | 'share';

/** Small letters; how many of the unit the word is follows where it is not one. */
const unitWords: readonly (readonly [AmountUnit, string, number?])[] = [
  ['drops', String.raw`drops?|(?<=\d)d|(?<=\d )d\.|drps?|dr(?!\.? ?o)\.?|gtts?\.?|dps`],
  ['ml', String.raw`millilit(?:er|re)s?|mls?|cc`],
  ['ml', String.raw`centilit(?:er|re)s?|cls?`, 10],
  ['ml', String.raw`decilit(?:er|re)s?|dls?`, 100],
  ['ml', String.raw`lit(?:er|re)s?|l`, 1000],
  ['g', String.raw`kilograms?|kilogrammes?|kilos?|kgs?`, 1000],
  ['g', String.raw`milligrams?|milligrammes?|mgs?`, 0.001],
  ['g', String.raw`grams?|grammes?|gms?|grs?|g`],
  ['tbsp', String.raw`tablespoons?(?:fuls?)?|table spoons?|tblsp\.?|tbsps?\.?|tbs\.?|tbls?\.?`],
  ['dessertspoon', String.raw`dessert ?spoons?(?:fuls?)?|dsps?\.?`],
  ['tsp', String.raw`teaspoons?(?:fuls?)?|tea spoons?|tsps?\.?`],
  ['cup', String.raw`cups?(?:fuls?)?`],
  ['pint', String.raw`pints?|pts?\.?`],
  ['quart', String.raw`quarts?|qts?\.?`],
  ['fl oz', String.raw`fluid ounces?|fl\.? ?ozs?\.?|floz|fl\.? ounces?`],
  [
    'oz by weight',
    String.raw`(?:ounces?|ozs?\.?) ?(?:\((?:by )?weight\)|by weight|wt\.?)|wt\.? ?oz\.?`,
  ],
  ['oz', String.raw`ounces?|ozs?\.?`],
  ['lb', String.raw`pounds?|lbs?\.?`],
  ['grain', String.raw`grains?`],
  ['parts', String.raw`parts?`],
  ['percent', String.raw`%|per ?cent|pct\.?`],
];

/** Capital T, small t and c are for spoons and cups where a small number comes before them. */
const letterUnits: Readonly<Record<string, AmountUnit>> = {
  T: 'tbsp',
  t: 'tsp',
  c: 'cup',
  C: 'cup',
};
export const mostByLetter = 10;

const unitPattern = new RegExp(
  `(?:${unitWords.map(([, pattern], n) => `(?<u${n}>${pattern})`).join('|')})(?![a-z0-9])` +
    String.raw`|(?<letter>[tc])\.?(?=[ ,)+]|$)`,
  'y',
);
const sharePattern =
  /(?:(?:of )?(?:the|your|each|that|this) |of an? |(?<= of an? ))(?:\w+ )?(?:bottle|vessel|container|jar|tin|vial|roller|rollerball|way)(?![a-z])/y;
const adjectivePattern = new RegExp(
  `(?:heaped|heaping|level|rounded|scant|generous|full|whole|good|large|small|u\\.s\\.?|${Object.keys(countryWords).join('|')})[ -]`,
  'y',
);

/** Where a pattern matches right at a place, up to where. */
export const matchAt = (pattern: RegExp, plain: string, at: number): RegExpExecArray | null => {
  pattern.lastIndex = at;
  return pattern.exec(plain);
};
export const skip = (pattern: RegExp, plain: string, at: number): number => {
  const match = matchAt(pattern, plain, at);
  return match ? at + match[0].length : at;
};

interface FoundUnit {
  readonly unit: AmountUnit;
  readonly times: number;
  readonly country: SpoonCountry | null;
  readonly to: number;
  readonly isLetter: boolean;
}

const gap = / ?-? ?/y;

/** The unit right behind a number, with whose it is. */
export const unitAt = (text: string, plain: string, from: number): FoundUnit | null => {
  let at = skip(gap, plain, from);
  let country: SpoonCountry | null = null;
  for (let match = matchAt(adjectivePattern, plain, at); match;) {
    const word = match[0].replace(/[^a-z]/g, '');
    country = countryWords[word] ?? country;
    at += match[0].length;
    match = matchAt(adjectivePattern, plain, at);
  }
  const share = matchAt(sharePattern, plain, at);
  if (share) return { unit: 'share', times: 1, country, to: at + share[0].length, isLetter: false };
  const match = matchAt(unitPattern, plain, at);
  if (!match) return null;
  const { groups = {} } = match;
  const to = at + match[0].length;
  if (groups['letter'] !== undefined) {
    const unit = letterUnits[text.charAt(at)];
    return unit ? { unit, times: 1, country, to, isLetter: true } : null;
  }
  const found = unitWords[unitWords.findIndex((_, n) => groups[`u${n}`] !== undefined)];
  return found ? { unit: found[0], times: found[2] ?? 1, country, to, isLetter: false } : null;
};
