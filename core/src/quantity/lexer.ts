import { matchAt, mostByLetter, skip, unitAt, type AmountUnit } from './amountUnit';
import { countWords, numeralAt, type Numeral } from './numeral';
import { plainLetters, type Span } from './plainText';
import type { SpoonCountry } from './spoons';

/** A number, or a range of numbers, of one unit. */
export interface AmountTerm {
  readonly unit: AmountUnit;
  readonly low: number;
  /** The same as `low` where it is no range. */
  readonly high: number;
  /** Whose spoons, cups and ounces, where the text says. */
  readonly country: SpoonCountry | null;
  /** The number as it was written: `1 1/2`. */
  readonly figure: string;
  /** Both numbers, where it can be read two ways. */
  readonly readings?: readonly [number, number];
}

/** An amount where it stands in a text; of several terms it is their sum. */
export interface LexedAmount extends Span {
  readonly terms: readonly [AmountTerm, ...AmountTerm[]];
}

const rangeSign = / ?(?:-|~) ?| (?:to|or) /y;
const timesSign = / ?(?:x|\*) ?| times /y;
const plusSign = / ?\+ ?| plus /y;
const sumSign = / ?\+ ?| plus | and | /y;
/** `10 drops and a couple extra`: so many may be more. */
const extraPattern = new RegExp(
  `,? ?\\(?(?:and |plus |\\+ ?|or )?(?:a )?(couple|${Object.keys(countWords).join('|')}|\\d{1,2})(?: of)? (?:extra|more)(?: drops?)?\\)?(?![a-z])`,
  'y',
);

/** What numbers before one unit come to: `10`, `10-15`, `2 x 5`, `10+5`. */
interface Figures extends Span {
  readonly low: number;
  readonly high: number;
  readonly readings?: readonly [number, number];
}

const figuresAt = (plain: string, from: number): Figures | null => {
  const first = numeralAt(plain, from);
  if (!first) return null;
  const next = (sign: RegExp, at: number): Numeral | null => {
    const to = skip(sign, plain, at);
    return to === at ? null : numeralAt(plain, to);
  };
  const factor = next(timesSign, first.to);
  if (factor) {
    const value = first.value * factor.value;
    return { from, to: factor.to, low: value, high: value };
  }
  let sum = first;
  for (let more = next(plusSign, sum.to); more; more = next(plusSign, sum.to)) {
    sum = { value: sum.value + more.value, to: more.to };
  }
  if (sum !== first) return { from, to: sum.to, low: sum.value, high: sum.value };
  const high = next(rangeSign, first.to);
  if (high && high.value > first.value && !first.readings && !high.readings) {
    return { from, to: high.to, low: first.value, high: high.value };
  }
  const { value, to, readings } = first;
  return { from, to, low: value, high: value, ...(readings && { readings }) };
};

/** Absurd amounts are none. */
const mostOfAny = 1e6;

interface FoundTerm extends Span {
  readonly term: AmountTerm;
}

const termAt = (text: string, plain: string, from: number): FoundTerm | null => {
  const figures = figuresAt(plain, from);
  if (!figures) return null;
  const unit = unitAt(text, plain, figures.to);
  if (!unit || (unit.isLetter && figures.high > mostByLetter)) return null;
  const { low } = figures;
  let { high } = figures;
  let { to } = unit;
  // `10 drops to 15 drops`.
  const second = skip(rangeSign, plain, to);
  const upper = second === to || low < high ? null : numeralAt(plain, second);
  const again = upper && upper.value > low ? unitAt(text, plain, upper.to) : null;
  if (upper && again?.unit === unit.unit && again.times === unit.times) {
    high = upper.value;
    ({ to } = again);
  }
  const extra = unit.unit === 'drops' ? matchAt(extraPattern, plain, to) : null;
  if (extra) {
    const word = extra[1] ?? '';
    high += word === 'couple' ? 2 : (countWords[word] ?? Number(word));
    to += extra[0].length;
  }
  if (high * unit.times > mostOfAny) return null;
  const term: AmountTerm = {
    unit: unit.unit,
    low: low * unit.times,
    high: high * unit.times,
    country: unit.country,
    figure: text.slice(figures.from, figures.to).trim(),
    ...(figures.readings && {
      readings: [figures.readings[0] * unit.times, figures.readings[1] * unit.times] as const,
    }),
  };
  return { term, from, to };
};

/** Units that are added up one below the other: `1 cup + 2 tbsp`, `1 lb 4 oz`. */
const descending: readonly (readonly AmountUnit[])[] = [
  ['quart', 'pint', 'cup', 'fl oz', 'tbsp', 'dessertspoon', 'tsp', 'drops'],
  ['lb', 'oz', 'oz by weight'],
  ['ml'],
  ['g'],
];

const isBelow = (above: AmountUnit, below: AmountUnit): boolean =>
  descending.some((units) => {
    const at = units.indexOf(above);
    return at >= 0 && units.indexOf(below) > at;
  });

const prefix = /(?:about|approx(?:imately|\.)?|roughly|around|up to|between|~) ?/y;

/**
 * The amount that begins at a place.
 *
 * @param isWhole the text is one amount, so that like units may be added up: `10 drops + 5 drops`
 */
const amountAt = (
  text: string,
  plain: string,
  at: number,
  isWhole: boolean,
): LexedAmount | null => {
  const start = skip(prefix, plain, at);
  const betweenAnd = matchAt(/between /y, plain, at) ? betweenAt(text, plain, start) : null;
  const first = betweenAnd ?? termAt(text, plain, start);
  if (!first) return null;
  const terms: [AmountTerm, ...AmountTerm[]] = [first.term];
  let { to } = first;
  for (;;) {
    const next = skip(sumSign, plain, to);
    const more = next === to ? null : termAt(text, plain, next);
    const last = terms[terms.length - 1] ?? first.term;
    const isBare = plain.slice(to, next) === ' ';
    if (
      !more ||
      !(isBelow(last.unit, more.term.unit) || (isWhole && !isBare && last.unit === more.term.unit))
    )
      return { from: at, to, terms };
    // `2 tbsp 10 drops lavender` are two things; `1 lb 4 oz` is one.
    if (more.term.unit === 'drops' && !isWhole) return { from: at, to, terms };
    if (isBare && last.unit !== 'lb') return { from: at, to, terms };
    terms.push(more.term);
    ({ to } = more);
  }
};

/** `between 10 and 15 drops`, from its first number on. */
const betweenAt = (text: string, plain: string, start: number): FoundTerm | null => {
  const low = numeralAt(plain, start);
  const and = low ? skip(/ and /y, plain, low.to) : 0;
  const found = low && and > low.to ? termAt(text, plain, and) : null;
  if (!low || !found || found.term.low <= low.value) return null;
  return {
    ...found,
    from: start,
    term: { ...found.term, low: low.value, figure: text.slice(start, found.from) },
  };
};

/** Where an amount may begin: no digit, letter or fraction before it, but `x` alone. */
const startPattern = new RegExp(
  String.raw`(?<![a-wyz0-9½¼¾⅓⅔]|[a-z0-9]x|\d[.,/])(?:\d|[.,]\d|[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅐⅛⅜⅝⅞⅑⅒]|(?<!x)(?:about|approx|roughly|around|up to|between|~|half|quarter|couple|dozen|hundred|${Object.keys(countWords).join('|')})(?![a-z]))`,
  'g',
);

/** All amounts of a text, from left to right, each as long as it can be read. */
export const amountsIn = (text: string): readonly LexedAmount[] => {
  const plain = plainLetters(text);
  const found: LexedAmount[] = [];
  let free = 0;
  for (const { index } of plain.matchAll(startPattern)) {
    if (index < free) continue;
    const amount = amountAt(text, plain, index, false);
    if (!amount) continue;
    found.push(amount);
    free = amount.to;
  }
  return found;
};

/** A text that is one amount and nothing else; null where it is not. */
export const wholeAmount = (text: string): LexedAmount | null => {
  const trimmed = text.trim().replace(/\s+/g, ' ');
  const plain = plainLetters(trimmed);
  const amount = amountAt(trimmed, plain, 0, true);
  return amount && /^[ .]*$/.test(plain.slice(amount.to)) ? amount : null;
};

/** True where a text begins with a number. */
export const beginsWithNumber = (text: string): boolean =>
  numeralAt(plainLetters(text.trim()), 0) !== null;
