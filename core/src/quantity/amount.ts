import { readDecimal } from './number';
import { lookUp } from './lookUp';
import {
  countryAdjectives,
  countryIn,
  volumeOf,
  volumes,
  waysByCountry,
  type Measures,
  type SpoonCountry,
} from './spoons';

/** An amount as it was said. */
type Amount =
  | { readonly kind: 'ml'; readonly ml: number }
  | { readonly kind: 'g'; readonly g: number }
  | { readonly kind: 'drops'; readonly drops: number }
  | { readonly kind: 'parts'; readonly parts: number }
  | { readonly kind: 'percent'; readonly percent: number };

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

const fractions: Readonly<Record<string, number>> = {
  '¼': 1 / 4,
  '½': 1 / 2,
  '¾': 3 / 4,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅛': 1 / 8,
};

const words: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  half: 1 / 2,
  'half a': 1 / 2,
  'half an': 1 / 2,
  'a half': 1 / 2,
  quarter: 1 / 4,
  'a quarter': 1 / 4,
  'a third': 1 / 3,
  'two thirds': 2 / 3,
  'three quarters': 3 / 4,
};

/** `2`, `2.5`, `2,5`, `1,000,000`, `1/2`, `1 1/2`, `½`, `1½`, `a`, `half a`. */
const numberOf = (text: string): number | readonly [number, number] | null => {
  const plain = text.trim().toLowerCase();
  const word = lookUp(words, plain);
  if (word !== undefined) return word;
  const decimal = readDecimal(plain);
  if (decimal.ok) return decimal.value;
  if (decimal.code === 'two-ways') return decimal.readings;
  const match =
    /^(?<whole>\d+)?\s*(?:(?<over>\d+)\s*\/\s*(?<under>\d+)|(?<sign>[¼½¾⅓⅔⅛]))?$/u.exec(plain) ??
    /^(?<over>\d+)\s*\/\s*(?<under>\d+)$/u.exec(plain);
  if (!match || plain === '' || plain.startsWith('-')) return null;
  const { whole, over, under, sign } = match.groups ?? {};
  if (under === '0') return null;
  // `11/2` is eleven halves, not one and a half: a space parts the two.
  if (whole && over && !/\d\s+\d/.test(plain)) {
    const [top = '', bottom = ''] = plain.split('/');
    return Number(top) / Number(bottom);
  }
  return (
    (whole ? Number(whole) : 0) +
    (over && under ? Number(over) / Number(under) : 0) +
    (sign ? (fractions[sign] ?? 0) : 0)
  );
};

const litres: Readonly<Record<string, number>> = {
  ml: 1,
  millilitre: 1,
  milliliter: 1,
  cc: 1,
  cl: 10,
  dl: 100,
  l: 1000,
  litre: 1000,
  liter: 1000,
};

const grams: Readonly<Record<string, number>> = { mg: 0.001, g: 1, gram: 1, gm: 1, kg: 1000 };

const masses: Readonly<Record<string, string>> = {
  lb: 'pound',
  'oz by weight': 'ounce',
  'ounce by weight': 'ounce',
  'ounces by weight': 'ounce',
  pound: 'pound',
  grain: 'grain',
};

/**
 * Reads an amount as people say it: `2 tbsp`, `1/2 cup`, `0.5 fl oz`, `15 g`, `30 drops`,
 * `1 part`, `3 %`, `a quarter of the bottle`.
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
  const no = (code: AmountProblem): ReadAmount => ({ ok: false, code, text: text.trim() });
  const yes = (amount: Amount): ReadAmount => ({ ok: true, amount });
  const plain = text.trim().toLowerCase().replace(/\s+/g, ' ');
  const share = /^(.*?) ?of (?:the|a) (?:bottle|vessel|container|jar|tin)$/.exec(plain);
  if (share) {
    const value = numberOf(share[1] ?? '');
    return typeof value !== 'number' || value > 1 || value < 0
      ? no('no-number')
      : yes({ kind: 'ml', ml: value * fillMl });
  }
  const match =
    /^([\d.,/'’¼½¾⅓⅔⅛ ]*\d?[\d¼½¾⅓⅔⅛]|half an?|an?|one|two thirds|three quarters)? ?([a-z%. ]+)$/u.exec(
      plain,
    );
  const figure = match?.[1]?.trim() ?? '';
  const [named, unit] = countryIn((match?.[2] ?? '').replace(/\./g, '').trim());
  const value = numberOf(figure);
  if (value === null) return no('no-number');
  if (typeof value !== 'number') {
    const [first, second] = value.map((reading) => `${reading} ${unit}`.trim());
    return {
      ok: false,
      code: 'two-ways',
      text: text.trim(),
      readings: [first ?? '', second ?? ''],
    };
  }
  const entry = unit.replace(/s$/, '');
  const name =
    [unit, entry].find((word) =>
      [litres, grams, volumes, masses].some((table) => Object.hasOwn(table, word)),
    ) ?? entry;
  const litre = lookUp(litres, name);
  if (litre !== undefined) return yes({ kind: 'ml', ml: value * litre });
  const gram = lookUp(grams, name);
  if (gram !== undefined) return yes({ kind: 'g', g: value * gram });
  const volume = lookUp(volumes, name);
  if (volume !== undefined) {
    const whose = named ?? country;
    if (whose !== null) {
      const ml = volumeOf(volume, whose, measures);
      return ml === undefined ? no('not-here') : yes({ kind: 'ml', ml: value * ml });
    }
    const [first, ...others] = waysByCountry(volume, measures);
    return first && others.length === 0
      ? yes({ kind: 'ml', ml: value * first.ml })
      : {
          ok: false,
          code: 'whose-spoons',
          text: text.trim(),
          readings: [first, ...others].flatMap((way) =>
            way ? [`${figure} ${value > 1 ? way.several : way.one}`] : [],
          ),
        };
  }
  const mass = lookUp(masses, name);
  if (mass !== undefined) return yes({ kind: 'g', g: value * (measures.massG[mass] ?? 0) });
  if (entry === 'oz' || entry === 'ounce') {
    const whose = named === null ? '' : `${countryAdjectives[named]} `;
    return liquid
      ? {
          ok: false,
          code: 'which-ounce',
          text: text.trim(),
          readings: [`${figure} ${whose}fl oz`, `${figure} oz by weight`],
        }
      : yes({ kind: 'g', g: value * (measures.massG['ounce'] ?? 0) });
  }
  if (entry === 'drop' || entry === 'gtt') {
    return Number.isInteger(value) ? yes({ kind: 'drops', drops: value }) : no('whole-drops');
  }
  if (entry === 'part') return yes({ kind: 'parts', parts: value });
  if (unit === '%' || unit === 'percent' || unit === 'per cent') {
    return yes({ kind: 'percent', percent: value });
  }
  return no('no-unit');
};

/**
 * The measure of volume in which an amount is stated, by its full name, with how many of them and
 * what one holds: `2 tbsp` are 2 of `tablespoon`. Null where it is stated in another unit.
 */
export const spoonsIn = (
  text: string,
  country: SpoonCountry | null,
  measures: Measures,
): { readonly value: number; readonly unit: string; readonly ml: number } | null => {
  const words = /([a-z ]+?)\.?\s*$/i.exec(text.trim())?.[1]?.trim().toLowerCase() ?? '';
  const [named, word] = countryIn(words);
  const whose = named ?? country ?? 'metric';
  const unit = lookUp(volumes, word) ?? lookUp(volumes, word.replace(/s$/, ''));
  const read = readAmount(text, whose, measures, { fillMl: 0, liquid: false });
  const entry = unit === undefined ? undefined : volumeOf(unit, whose, measures);
  return unit !== undefined && entry !== undefined && read.ok && read.amount.kind === 'ml'
    ? { value: Math.round((1000 * read.amount.ml) / entry) / 1000, unit, ml: read.amount.ml }
    : null;
};
