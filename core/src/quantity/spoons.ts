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

/** The measures of volume, by the units in which they are stated. */
export const volumes: Readonly<Record<string, string>> = {
  tsp: 'teaspoon',
  tbsp: 'tablespoon',
  dessertspoon: 'dessertspoon',
  cup: 'cup',
  pint: 'pint',
  quart: 'quart',
  'fl oz': 'fluidOunce',
};

/** How a country is named before a measure, as in `2 US tablespoons`. */
export const countryWords: Readonly<Record<string, SpoonCountry>> = {
  metric: 'metric',
  us: 'us',
  american: 'us',
  imperial: 'imperial',
  uk: 'imperial',
  british: 'imperial',
  australian: 'australian',
};

/** A measure of this country: its own, or the metric one where it has none and shares it. */
export const volumeOf = (
  name: string,
  country: SpoonCountry,
  { volumeMl }: Pick<Measures, 'volumeMl'>,
): number | undefined => {
  if (name === 'quart') {
    const pint = volumeOf('pint', country, { volumeMl });
    return pint === undefined ? undefined : 2 * pint;
  }
  const own = volumeMl[country][name];
  if (own !== undefined) return own;
  // Australia's other spoons and cups are metric; ounces and pints outside the US are imperial.
  if (name === 'fluidOunce' || name === 'pint') return volumeMl.imperial[name];
  return country === 'australian' ? volumeMl.metric[name] : undefined;
};

/** How a country comes before its measure: `US`, `imperial`. */
export const countryAdjectives: Readonly<Record<SpoonCountry, string>> = {
  metric: 'metric',
  us: 'US',
  imperial: 'imperial',
  australian: 'Australian',
};

const whose = `(?:${Object.keys(countryWords).join('|')}|u\\.s\\.?)`;
const spoonsNamed = new RegExp(
  String.raw`\b(${whose}) (?:standard )?(?:cups?|table ?spoons?|tea ?spoons?|tbsps?|tsps?|spoons?|fl|fluid|measure(?:s|ments?)?)\b` +
    String.raw`|\b(?:cups?|spoons?|measure(?:s|ments?)?)(?: and \w+)* (?:are|is|=) (?:all )?(${whose})(?![a-z])`,
  'i',
);

/** Whose spoons and cups a text says it means: `US cups`, `all cups are metric`; null where it says nothing. */
export const spoonCountryNamed = (text: string): SpoonCountry | null => {
  const [, before, behind] = spoonsNamed.exec(text) ?? [];
  return countryWords[(before ?? behind ?? '').toLowerCase().replace(/\./g, '')] ?? null;
};
