import type { Carrier, PlaceId, Container } from '../catalog';
import { formatNumber } from './numbers';
import { oneOf } from './containers';
import { ageInWords, type WearerOrAnyone } from '../brief';
import { inSentence } from './inSentence';

/** Places by name. */
export const placeWords: Record<PlaceId, string> = {
  face: 'face',
  beard: 'beard',
  'body-massage': 'body, as a massage',
  'body-leave-on': 'body',
  'pulse-points': 'wrists and neck',
  'perfume-small-area': 'small area, as perfume',
  'local-short-term': 'one small spot, for a few days',
  'chest-or-back-rub': 'chest or back',
  'hands-or-feet': 'hands or feet',
  'scalp-or-hair': 'scalp or hair',
  underarm: 'underarm',
  lips: 'lips',
  bath: 'body, in the bath',
  'wash-off': 'body, washed off',
  'broken-or-inflamed-skin': 'broken or inflamed skin',
  'eyes-inner-nose-ear-canal-mucosa': 'eyes, inner nose, ear canal or mouth',
  intimate: 'genitals',
  nipple: 'nipples',
  nappy: 'nappy area',
};

/** Places that are spoken of without an article. */
const withoutArticle: ReadonlySet<PlaceId> = new Set([
  'hands-or-feet',
  'local-short-term',
  'broken-or-inflamed-skin',
  'nipple',
]);

/** Where it goes, in a sentence: `the wrists and neck`, `a small area, as perfume`. */
export const onPlaceWords = (place: PlaceId): string =>
  place === 'perfume-small-area'
    ? `a ${placeWords[place]}`
    : withoutArticle.has(place)
      ? placeWords[place]
      : `the ${placeWords[place]}`;

/** An age in words: `5 months`, `8 years`, `2 years and 3 months` up to six. */
export const ageWords = (months: number): string => {
  const plural = (count: number, word: string) => `${count} ${word}${count === 1 ? '' : 's'}`;
  const age = ageInWords(months);
  if (age.years === 0) return plural(age.months, 'month');
  return age.months > 0
    ? `${plural(age.years, 'year')} and ${plural(age.months, 'month')}`
    : plural(age.years, 'year');
};

/** Someone whose name is not told: `a 4-year-old`, `a 7-month-old`, `an 8-year-old`. */
export const someoneOfAge = (months: number): string => {
  const years = Math.floor(months / 12);
  const [count, unit] = months < 24 ? [months, 'month'] : [years, 'year'];
  const an = /^(8|11$|18$)/.test(String(count));
  return `${an ? 'an' : 'a'} ${count}-${unit}-old`;
};

/** `10 ml roll-on`. */
export const containerWords = ({
  nominalMl,
  kind,
  name,
}: Pick<Container, 'nominalMl' | 'kind' | 'name'>): string =>
  `${formatNumber(nominalMl, 4)} ml ${oneOf(kind)}${name ? ` “${name}”` : ''}`;

/** `Ines, 41`, `Pip, 2 years and 3 months, sensitive skin`, `anyone`. */
export const wearerWords = (wearer: WearerOrAnyone): string => {
  if (wearer === 'anyone') return 'anyone';
  const months = wearer.ageMonths;
  const old = months >= 72 ? String(Math.floor(months / 12)) : ageWords(months);
  return [
    wearer.name ? `${wearer.name}, ${old}` : `someone, ${old}`,
    ...(wearer.pregnant ? ['pregnant'] : []),
    ...(wearer.breastfeeding ? ['breastfeeding'] : []),
    ...(wearer.skin === 'normal' ? [] : [`${wearer.skin} skin`]),
  ].join(', ');
};

/** A carrier as it is spoken of among others: `jojoba`, `fractionated coconut`, `St John's wort`. */
export const carrierWords = ({ name }: Pick<Carrier, 'name'>): string => {
  const short = name.replace(/,? \(.*\)$/, '').replace(/ (seed |kernel |infused )*oil$/i, '');
  return inSentence(short);
};

/** How often in a day: `once a day`, `up to 3 times a day`. */
export const timesWords = (times: number): string =>
  times === 1 ? 'once a day' : times === 2 ? 'up to twice a day' : `up to ${times} times a day`;
