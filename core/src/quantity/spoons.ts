import { lookUp } from './lookUp';

/** Where spoons, cups and fluid ounces are at home. */
export const spoonCountries = ['metric', 'us', 'imperial', 'australian'] as const;
export type SpoonCountry = (typeof spoonCountries)[number];

/** What spoons, cups and ounces hold. */
export interface Measures {
  /** In ml, by country; a measure that a country does not have is not in it. */
  readonly volumeMl: Readonly<Record<SpoonCountry, Readonly<Record<string, number>>>>;
  /** In g. */
  readonly massG: Readonly<Record<string, number>>;
}

/** The measures of volume by the words for one of them. */
export const volumes: Readonly<Record<string, string>> = {
  tsp: 'teaspoon',
  teaspoon: 'teaspoon',
  tbsp: 'tablespoon',
  tbs: 'tablespoon',
  tablespoon: 'tablespoon',
  dsp: 'dessertspoon',
  dessertspoon: 'dessertspoon',
  cup: 'cup',
  pint: 'pint',
  'fl oz': 'fluidOunce',
  'fluid ounce': 'fluidOunce',
  floz: 'fluidOunce',
};

/** How a country is named before a measure, as in `2 US tablespoons`. */
const countryWords: Readonly<Record<string, SpoonCountry>> = {
  metric: 'metric',
  us: 'us',
  american: 'us',
  imperial: 'imperial',
  uk: 'imperial',
  british: 'imperial',
  australian: 'australian',
};

/** A unit without the country that comes before it: `us tbsp` is a `tbsp` of `us`. */
export const countryIn = (unit: string): readonly [SpoonCountry | null, string] => {
  const [first = '', ...rest] = unit.split(' ');
  const named = rest.length > 0 ? lookUp(countryWords, first) : undefined;
  return named === undefined ? [null, unit] : [named, rest.join(' ')];
};

/** The country that an amount names itself: `2 US tbsp`; null where it names none. */
export const countryNamedIn = (text: string): SpoonCountry | null => {
  const words = text
    .toLowerCase()
    .replace(/[.]/g, '')
    .split(/[^a-z]+/);
  return words.map((word) => lookUp(countryWords, word)).find(Boolean) ?? null;
};

/** A measure of this country: its own, or the metric one where it has none and shares it. */
export const volumeOf = (
  name: string,
  country: SpoonCountry,
  { volumeMl }: Measures,
): number | undefined => {
  const own = volumeMl[country][name];
  if (own !== undefined) return own;
  // Australia's other spoons and cups are metric; ounces and pints outside the US are imperial.
  if (name === 'fluidOunce' || name === 'pint') return volumeMl.imperial[name];
  return country === 'australian' ? volumeMl.metric[name] : undefined;
};

/** One way in which a measure of no country can be meant. */
interface Way {
  readonly ml: number;
  /** `US tablespoon`, `US tablespoons`: read without doubt. */
  readonly one: string;
  readonly several: string;
}

/** How a country comes before its measure: `US`, `imperial`. */
export const countryAdjectives: Readonly<Record<SpoonCountry, string>> = {
  metric: 'metric',
  us: 'US',
  imperial: 'imperial',
  australian: 'Australian',
};

/** What a measure may hold, where no one has said of which country: each volume once. */
export const waysByCountry = (name: string, measures: Measures): readonly Way[] => {
  const ways: Way[] = [];
  // The country whose own it is comes before those that only share it.
  const owners = [...spoonCountries].sort(
    (a, b) => Number(name in measures.volumeMl[b]) - Number(name in measures.volumeMl[a]),
  );
  for (const country of owners) {
    const ml = volumeOf(name, country, measures);
    if (ml === undefined || ways.some((way) => way.ml === ml)) continue;
    const [one, several] = name === 'fluidOunce' ? ['fl oz', 'fl oz'] : [name, `${name}s`];
    ways.push({
      ml,
      one: `${countryAdjectives[country]} ${one}`,
      several: `${countryAdjectives[country]} ${several}`,
    });
  }
  return ways;
};
