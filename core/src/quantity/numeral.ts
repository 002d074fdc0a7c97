import { lookUp } from './lookUp';
import { readDecimal } from './number';

/** A number where it stands in a plain text. */
export interface Numeral {
  readonly value: number;
  readonly to: number;
  /** `1,000` is a thousand to some and one to others. */
  readonly readings?: readonly [number, number];
}

const signs: Readonly<Record<string, number>> = {
  '½': 1 / 2,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅕': 1 / 5,
  '⅖': 2 / 5,
  '⅗': 3 / 5,
  '⅘': 4 / 5,
  '⅙': 1 / 6,
  '⅚': 5 / 6,
  '⅐': 1 / 7,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
  '⅑': 1 / 9,
  '⅒': 1 / 10,
};

const small =
  'one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'.split(
    ' ',
  );
const tens = 'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ');

/** Whole numbers that are one word. */
export const countWords: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  ...Object.fromEntries(small.map((word, n) => [word, n + 1])),
  ...Object.fromEntries(tens.map((word, n) => [word, 10 * (n + 2)])),
};

const fractionWords: Readonly<Record<string, number>> = {
  half: 1 / 2,
  third: 1 / 3,
  quarter: 1 / 4,
  fourth: 1 / 4,
  fifth: 1 / 5,
  sixth: 1 / 6,
  eighth: 1 / 8,
  tenth: 1 / 10,
};

const count = `(?:(?:${tens.join('|')})[- ](?:${small.slice(0, 9).join('|')})|${[...small].reverse().join('|')}|${tens.join('|')}|an?)`;
const fraction = Object.keys(fractionWords).join('|');
const end = '(?![a-z])';
const sign = `[${Object.keys(signs).join('')}]`;
/** What joins a whole number and its fraction: `1-1/2`, `1 and 1/2`, `1 & 1/2`, `1 1/2`. */
const joint = '(?: ?- ?| and | ?& ?| )';

const sticky = (pattern: string): RegExp => new RegExp(pattern, 'y');

const valueOfCount = (word: string): number =>
  lookUp(countWords, word) ??
  word.split(/[- ]/).reduce((sum, part) => sum + (lookUp(countWords, part) ?? Number.NaN), 0);

const valueOfFraction = (word = ''): number => lookUp(fractionWords, word) ?? Number.NaN;

/** How a number is written, the longer before the shorter; null is no number. */
const forms: readonly (readonly [RegExp, (groups: readonly string[]) => number | null])[] = [
  [
    sticky(String.raw`(\d{1,4})${joint}(\d{1,3}) ?/ ?(\d{1,3})(?![\d/])`),
    ([, whole, top, bottom]) =>
      Number(top) < Number(bottom) ? Number(whole) + Number(top) / Number(bottom) : null,
  ],
  [
    sticky(String.raw`(\d{1,4}) ?/ ?(\d{1,4})(?![\d/])`),
    ([, top, bottom]) => (Number(bottom) === 0 ? null : Number(top) / Number(bottom)),
  ],
  [
    sticky(String.raw`(?:(\d{1,4})(?:${joint})?)?(${sign})`),
    ([, whole = '0', part = '']) => Number(whole) + (signs[part] ?? Number.NaN),
  ],
  [sticky(`half (?:of )?(?:an? )?dozen${end}`), () => 6],
  [
    sticky(`(?:(${count}|\\d+) )?dozens?${end}`),
    ([, n = 'a']) => 12 * (Number(n) || valueOfCount(n)),
  ],
  [
    sticky(
      `(${count}|\\d+) and (?:(${count})[ -])?(${fraction})(?:s|ves)?${end}(?: of an?${end}| an?${end})?`,
    ),
    ([, whole = '', n = 'a', part]) =>
      (Number(whole) || valueOfCount(whole)) + valueOfCount(n) * valueOfFraction(part),
  ],
  [
    sticky(
      `(?:(?:(${count})[ -])(${fraction})(?:s|ves)?|(half|quarter))${end}(?: of an?${end}| an?${end})?`,
    ),
    ([, n = 'a', part, alone]) => valueOfCount(n) * valueOfFraction(part ?? alone),
  ],
  [sticky(`(?:a )?couple${end}(?: of${end})?`), () => 2],
  [
    sticky(`(${count}) hundred${end}(?: (?:and )?(${count})${end})?`),
    ([, n = 'a', more]) => 100 * valueOfCount(n) + (more === undefined ? 0 : valueOfCount(more)),
  ],
  [sticky(`(${count})${end}`), ([, word = '']) => valueOfCount(word)],
];

const decimal = sticky(
  String.raw`(?:\d{1,3}(?:[ ']\d{3})+(?!\d)|\d[\d.,]*\d|\d|[.,]\d+)(?! ?/ ?\d)`,
);

/**
 * The longest number that begins at a place of a plain text, in figures or in words; null where none
 * does, or where what is there is no number as a whole: `1.2.3`.
 *
 * @param plain in small letters with plain dashes, spaces and figures
 */
export const numeralAt = (plain: string, at: number): Numeral | null => {
  for (const [form, valueOf] of forms) {
    form.lastIndex = at;
    const match = form.exec(plain);
    const value = match ? valueOf(match) : null;
    if (match && value !== null && Number.isFinite(value)) return { value, to: form.lastIndex };
  }
  decimal.lastIndex = at;
  const match = decimal.exec(plain);
  if (!match) return null;
  const to = decimal.lastIndex;
  const read = readDecimal(match[0]);
  if (read.ok) return { value: read.value, to };
  return read.code === 'two-ways' ? { value: read.readings[0], to, readings: read.readings } : null;
};
