import type { AmountUnit } from './amountUnit';
import { beginsWithNumber, wholeAmount, type AmountTerm } from './lexer';
import { lookUp } from './lookUp';
import { plainFigures } from './plainText';
import {
  countryAdjectives,
  spoonCountries,
  volumeOf,
  volumes,
  type Measures,
  type SpoonCountry,
} from './spoons';

/** An amount as it was said; of a range `upTo` is its high end, in the same unit. */
type Amount = (
  | { readonly kind: 'ml'; readonly ml: number }
  | { readonly kind: 'g'; readonly g: number }
  | { readonly kind: 'drops'; readonly drops: number }
  | { readonly kind: 'parts'; readonly parts: number }
  | { readonly kind: 'percent'; readonly percent: number }
) & { readonly upTo?: number };

/** What reading an amount comes to. */
export type ReadAmount =
  | { readonly ok: true; readonly amount: Amount }
  | {
      readonly ok: false;
      readonly code: AmountProblem;
      readonly text: string;
      /** The ways of reading it, each to be read without doubt. */
      readonly readings?: readonly string[];
    };

/** Why an amount cannot be read. */
export type AmountProblem =
  /** No number where one is needed. */
  | 'no-number'
  /** A word that is no unit. */
  | 'no-unit'
  /** An ounce of a liquid: of weight, or of volume? */
  | 'which-ounce'
  /** A spoon, a cup or a fluid ounce, and no one has said of which country. */
  | 'whose-spoons'
  /** A measure that this country does not have. */
  | 'not-here'
  /** Drops come whole. */
  | 'whole-drops'
  /** A number that can be read two ways: `1,000`. */
  | 'two-ways';

/** A term as it would be typed, in the spoons of a country where it has none of its own. */
const typed = ({ unit, figure, high, country }: AmountTerm, whose: SpoonCountry | null): string => {
  const of = country ?? whose;
  const name = volumes[unit];
  const words: Partial<Record<AmountUnit, string>> = { percent: '%', share: 'of the bottle' };
  const said =
    name === undefined || unit === 'fl oz'
      ? (words[unit] ?? unit)
      : `${name}${high > 1 ? 's' : ''}`;
  const isSpoon = name !== undefined || unit === 'oz';
  return [figure, ...(of && isSpoon ? [countryAdjectives[of]] : []), said].join(' ');
};

/**
 * An amount as it would be typed into a field: `1 US cup + 2 US tablespoons`.
 *
 * @param whose spoons are meant where a term names no country; null leaves that open
 */
export const asTyped = (terms: readonly AmountTerm[], whose: SpoonCountry | null = null): string =>
  terms.map((term) => typed(term, whose)).join(' + ');

/** In which ways the spoons of some terms may be meant, as they would be typed; each volume once. */
const waysOf = (terms: readonly AmountTerm[], measures: Measures): readonly SpoonCountry[] => {
  const names = terms.flatMap(({ unit, country }) => (country ? [] : (volumes[unit] ?? [])));
  const own = (country: SpoonCountry): number =>
    names.filter((name) => Object.hasOwn(measures.volumeMl[country], name)).length;
  const seen = new Set<string>();
  // The country whose own they are comes before those that only share them.
  return [...spoonCountries]
    .sort((a, b) => own(b) - own(a))
    .filter((country) => {
      const sizes = names.map((name) => volumeOf(name, country, measures));
      const key = sizes.join(' ');
      if (sizes.includes(undefined) || seen.has(key)) return false;
      seen.add(key);
      return true;
    });
};

/** A term in ml, in g or as it is; undefined for a measure that this country does not have. */
const sizeOf = (
  { unit, country }: AmountTerm,
  whose: SpoonCountry,
  measures: Measures,
  fillMl: number,
): readonly [Amount['kind'], number] | undefined => {
  const name = volumes[unit];
  if (name !== undefined) {
    const ml = volumeOf(name, country ?? whose, measures);
    return ml === undefined ? undefined : ['ml', ml];
  }
  const mass = (of: string): readonly ['g', number] => ['g', measures.massG[of] ?? Number.NaN];
  switch (unit) {
    case 'oz':
    case 'oz by weight':
      return mass('ounce');
    case 'lb':
      return mass('pound');
    case 'grain':
      return mass('grain');
    case 'share':
      return ['ml', fillMl];
    case 'ml':
    case 'g':
    case 'drops':
    case 'parts':
    case 'percent':
      return [unit, 1];
    default:
      return undefined;
  }
};

const amountOf = (kind: Amount['kind'], low: number, high: number): Amount => {
  const upTo = high > low ? { upTo: high } : {};
  switch (kind) {
    case 'ml':
      return { kind, ml: low, ...upTo };
    case 'g':
      return { kind, g: low, ...upTo };
    case 'drops':
      return { kind, drops: low, ...upTo };
    case 'parts':
      return { kind, parts: low, ...upTo };
    case 'percent':
      return { kind, percent: low, ...upTo };
  }
};

/**
 * Reads a text that is one amount, as people say it: `2 tbsp`, `1-1/2 cups`, `½ cup + 2 tbsp`,
 * `0.5 fl oz`, `15 g`, `10 to 15 drops`, `1 part`, `3 %`, `a quarter of the bottle`. What it cannot read
 * whole it does not read.
 *
 * @param country whose spoons, cups and fluid ounces are meant where the text names none; null
 *   where no one has said
 * @param fillMl what the container takes, for a share of it
 * @param liquid true where a bare ounce must be asked about
 */
export const readAmount = (
  text: string,
  country: SpoonCountry | null,
  measures: Measures,
  { fillMl, liquid }: { readonly fillMl: number; readonly liquid: boolean },
): ReadAmount => {
  const no = (code: AmountProblem, readings?: readonly string[]): ReadAmount => ({
    ok: false,
    code,
    text: text.trim(),
    ...(readings && { readings }),
  });
  const found = wholeAmount(plainFigures(text));
  if (!found) return no(beginsWithNumber(plainFigures(text)) ? 'no-unit' : 'no-number');
  const { terms } = found;
  // More than all of it is no share.
  if (terms.some(({ unit, high }) => unit === 'share' && high > 1)) return no('no-number');
  const doubtful = terms.find(({ readings }) => readings);
  if (doubtful?.readings) {
    return no(
      'two-ways',
      doubtful.readings.map((value) =>
        asTyped(terms.map((term) => (term === doubtful ? { ...term, figure: `${value}` } : term))),
      ),
    );
  }
  if (liquid && terms.some(({ unit }) => unit === 'oz')) {
    const as = (unit: AmountUnit): string =>
      asTyped(terms.map((term) => (term.unit === 'oz' ? { ...term, unit } : term)));
    return no('which-ounce', [as('fl oz'), as('oz by weight')]);
  }
  const isOfACountry = terms.some((term) => volumes[term.unit] !== undefined && !term.country);
  const ways = isOfACountry && country === null ? waysOf(terms, measures) : [country ?? 'metric'];
  const [whose] = ways;
  if (whose === undefined) return no('not-here');
  if (ways.length > 1) {
    return no(
      'whose-spoons',
      ways.map((way) => asTyped(terms, way)),
    );
  }
  let [low, high] = [0, 0];
  let kind: Amount['kind'] | null = null;
  for (const term of terms) {
    const size = sizeOf(term, whose, measures, fillMl);
    if (!size) return no('not-here');
    if (kind !== null && kind !== size[0]) return no('no-unit');
    [kind] = size;
    low += term.low * size[1];
    high += term.high * size[1];
  }
  if (kind === null) return no('no-unit');
  if (kind === 'drops' && !(Number.isInteger(low) && Number.isInteger(high)))
    return no('whole-drops');
  return { ok: true, amount: amountOf(kind, low, high) };
};

/**
 * The measure of volume in which an amount is stated, by its full name, with how many of them and
 * what one holds: `2 tbsp` are 2 of `tablespoon`. Null where it is stated in another unit, or in several.
 */
export const spoonsIn = (
  text: string,
  country: SpoonCountry | null,
  measures: Measures,
): { readonly value: number; readonly unit: string; readonly ml: number } | null => {
  const [term, ...more] = wholeAmount(plainFigures(text))?.terms ?? [];
  const name = term && more.length === 0 ? lookUp(volumes, term.unit) : undefined;
  if (!term || name === undefined || term.high > term.low) return null;
  const ml = volumeOf(name, term.country ?? country ?? 'metric', measures);
  return ml === undefined ? null : { value: term.low, unit: name, ml: term.low * ml };
};

/** Both ends of a range, each as it would be typed; none of what is no range. */
export const endsOf = (text: string): readonly string[] => {
  const { terms = [] } = wholeAmount(plainFigures(text)) ?? {};
  return terms.some(({ low, high }) => low < high)
    ? (['low', 'high'] as const).map((end) =>
        asTyped(
          terms.map((term) =>
            term.low < term.high
              ? {
                  ...term,
                  high: term[end],
                  figure: String(Math.round(10_000 * term[end]) / 10_000),
                }
              : term,
          ),
        ),
      )
    : [];
};

/** The country that an amount names itself: `2 US tbsp`; null where it names none. */
export const countryNamedIn = (text: string): SpoonCountry | null =>
  wholeAmount(plainFigures(text))?.terms.find(({ country }) => country)?.country ?? null;
