import { plainLetters, type Span } from './letters';

/** Units as a recipe names them; none is turned into another. */
export const readUnits = [
  'drops',
  'ml',
  'g',
  'tbsp',
  'tsp',
  'cup',
  'fl oz',
  'oz',
  'lb',
  'parts',
  'percent',
] as const;
export type ReadUnit = (typeof readUnits)[number];

/** How much, as it was written: of a range its middle, with both ends. */
export interface WrittenAmount {
  readonly unit: ReadUnit;
  readonly value: number;
  readonly low?: number;
  readonly high?: number;
}

/** An amount where it is in a line. */
export interface FoundAmount extends Span {
  readonly amount: WrittenAmount;
  /** It is in brackets: the same once more in another measure, as a rule. */
  readonly isAside: boolean;
  /** `each` is behind it. */
  readonly isEach: boolean;
  /** It is the sum of several: `15 drops total`. */
  readonly isTotal: boolean;
}

const signs: Readonly<Record<string, number>> = {
  '½': 1 / 2,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
  '⅕': 1 / 5,
  '⅙': 1 / 6,
};

/** Numbers as they are written out. */
export const numberWords: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  fifteen: 15,
  twenty: 20,
  'twenty-five': 25,
  thirty: 30,
  forty: 40,
  fifty: 50,
  'a couple of': 2,
  'a dozen': 12,
  half: 1 / 2,
  'half a': 1 / 2,
  'half an': 1 / 2,
  'one half': 1 / 2,
  'a quarter': 1 / 4,
  'a quarter of a': 1 / 4,
  'quarter of a': 1 / 4,
  quarter: 1 / 4,
  'one quarter': 1 / 4,
  'a third': 1 / 3,
  'one third': 1 / 3,
  'two thirds': 2 / 3,
  'three quarters': 3 / 4,
};

const wordPattern = Object.keys(numberWords)
  .sort((a, b) => b.length - a.length)
  .join('|');

const figure = String.raw`\d+ +\d+ ?/ ?\d+|\d+ ?/ ?\d+|\d* ?[½¼¾⅓⅔⅛⅜⅝⅞⅕⅙]|\d+ and [½¼¾⅓⅔⅛]|\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d+[.,]\d+|\.\d+|\d+`;

/** Longer before shorter: `tbsp` is no `t`. Small letters; T and t are told apart beforehand. */
const units: readonly (readonly [ReadUnit, string, number?])[] = [
  ['drops', String.raw`drops?|(?<=\d)d|(?<=\d )d\.|drps?|dr(?!\.? ?o)\.?|gtts?\.?|dps`],
  ['ml', String.raw`millilit(?:er|re)s?|mls?|cc`],
  ['ml', String.raw`centilit(?:er|re)s?|cls?`, 10],
  ['ml', String.raw`decilit(?:er|re)s?|dls?`, 100],
  ['ml', String.raw`lit(?:er|re)s?|l`, 1000],
  ['g', String.raw`kilograms?|kgs?`, 1000],
  ['g', String.raw`milligrams?|mgs?`, 0.001],
  ['g', String.raw`grams?|grammes?|gms?|gr|g`],
  ['tbsp', String.raw`tablespoons?(?:fuls?)?|table spoons?|tblsp\.?|tbsps?\.?|tbs\.?|tbls?\.?`],
  ['tsp', String.raw`teaspoons?(?:fuls?)?|tea spoons?|tsps?\.?`],
  ['cup', String.raw`cups?(?:fuls?)?`],
  ['fl oz', String.raw`fluid ounces?|fl\.? ?ozs?\.?|floz|fl\.? ounces?`],
  ['oz', String.raw`ounces?|ozs?\.?`],
  ['lb', String.raw`pounds?|lbs?\.?`],
  ['parts', String.raw`parts?`],
  ['percent', String.raw`%|per ?cent|pct\.?`],
];

const unitPattern = units.map(([, pattern], n) => `(?<u${n}>${pattern})`).join('|');

/** Capital T, small t and c are for spoons and cups where a number comes before them. */
const shortUnits: Readonly<Record<string, ReadUnit>> = { T: 'tbsp', t: 'tsp', c: 'cup', C: 'cup' };

const number = `(?:${figure}|(?:${wordPattern})(?![a-z]))`;
const amountPattern = new RegExp(
  String.raw`(?<![\w.,/])(?:about |approx(?:imately|\.)? |up to |around |~ ?)?` +
    String.raw`(?<low>${number})(?:(?: ?(?:-|to|or|~) ?)(?<high>${number}))?` +
    String.raw`[ -]?(?:(?:heaped|heaping|level|rounded|scant|generous|us|uk|metric|imperial|full|whole|good|large|small) )*` +
    String.raw`(?:(?<unit>${unitPattern})(?![a-z0-9])|(?<short>[tc])\.?(?=[ ,)]|$))`,
  'g',
);

const readFigure = (figure: string): number | null => {
  const plain = figure.trim().replace(/ and /, ' ');
  const word = numberWords[plain];
  if (word !== undefined) return word;
  const over = /^(?:(\d+) +)?(\d+) ?\/ ?(\d+)$/.exec(plain);
  if (over) {
    const [, whole = '0', top = '0', bottom = '0'] = over;
    return Number(bottom) === 0 ? null : Number(whole) + Number(top) / Number(bottom);
  }
  const sign = /^(\d*) ?([½¼¾⅓⅔⅛⅜⅝⅞⅕⅙])$/u.exec(plain);
  if (sign) return Number(sign[1] ?? '') + (signs[sign[2] ?? ''] ?? 0);
  const value = Number(
    /^\d{1,3}(,\d{3})+(\.\d+)?$/.test(plain) ? plain.replace(/,/g, '') : plain.replace(',', '.'),
  );
  return Number.isFinite(value) ? value : null;
};

/** To a ten-thousandth: a third is written, not infinitely many threes. */
const tidy = (value: number): number => Math.round(10_000 * value) / 10_000;

/** An amount of a number or a range; null where the number is none, or absurd. */
export const amountOf = (
  unit: ReadUnit,
  figure: string,
  upTo: string | undefined,
  times = 1,
): WrittenAmount | null => {
  const low = readFigure(figure);
  const high = upTo === undefined ? null : readFigure(upTo);
  if (low === null || low > 1e6 || (high ?? 0) > 1e6) return null;
  if (high === null || high <= low) return { unit, value: tidy(low * times) };
  return {
    unit,
    value: tidy(((low + high) / 2) * times),
    low: tidy(low * times),
    high: tidy(high * times),
  };
};

const isInBrackets = (text: string, at: number): boolean => {
  const before = text.slice(0, at);
  return (
    before.lastIndexOf('(') > before.lastIndexOf(')') ||
    before.lastIndexOf('[') > before.lastIndexOf(']')
  );
};

const unitOf = (
  groups: Readonly<Record<string, string | undefined>>,
  as: string,
): readonly [ReadUnit, number] | null => {
  if (groups['short'] !== undefined) {
    const unit = shortUnits[as];
    return unit ? [unit, 1] : null;
  }
  const n = units.findIndex((_, index) => groups[`u${index}`] !== undefined);
  const found = units[n];
  return found ? [found[0], found[2] ?? 1] : null;
};

const totalBefore =
  /\b(?:total(?: of| oils?| essential oils?| eos?| drops)*|sum|altogether|in all)[:= -]*$/;
const totalAfter =
  /^[ )]*\(?(?:in total|total|altogether|in all|of essential oils? (?:in total|total|altogether)|(?:of )?(?:essential oils?|eos?) total)\b/;
/** `12 drops mixed essential oils: …`: all of them together. */
const ofAllOils =
  /^ ?(?:of )?(?:mixed |blended |combined |your |any |favou?rite |chosen |total |the |pure )*(?:essential oils?|eos?|oils?)(?: blend| of (?:your )?choice)?(?! ?(?:of|\(|from))/;
const eachAfter = /^[ )]*(?:of )?each\b/;

/** All amounts of a line, from left to right. */
export const amountsIn = (line: string): readonly FoundAmount[] => {
  const plain = plainLetters(line);
  const found: FoundAmount[] = [];
  for (const match of plain.matchAll(amountPattern)) {
    const { groups = {} } = match;
    const to = match.index + match[0].length;
    const letter = line.charAt(to - (match[0].endsWith('.') ? 2 : 1));
    const unit = unitOf(groups, letter);
    if (!unit) continue;
    const { low = '', high } = groups;
    // `Polysorbate 20 – 3 drops` is no range: its amount begins behind the dash.
    const isRange = high !== undefined && (readFigure(high) ?? 0) > (readFigure(low) ?? 0);
    const amount =
      high === undefined || isRange
        ? amountOf(unit[0], low, high, unit[1])
        : amountOf(unit[0], high, undefined, unit[1]);
    const from =
      high === undefined || isRange ? match.index : match.index + match[0].lastIndexOf(high);
    // `70 C` is warm, not seventy cups.
    if (!amount || (groups['short'] !== undefined && amount.value > 10)) continue;
    const after = plain.slice(to);
    found.push({
      from,
      to,
      amount,
      isAside: isInBrackets(plain, from),
      isEach: eachAfter.test(after),
      isTotal:
        totalAfter.test(after) ||
        totalBefore.test(plain.slice(0, from)) ||
        (unit[0] === 'drops' && ofAllOils.test(after)),
    });
  }
  return found;
};

/** A share of the container: `a third of the bottle`; in percent of it. */
export const sharesIn = (line: string): readonly FoundAmount[] => {
  const plain = plainLetters(line);
  const pattern = new RegExp(
    String.raw`(?<![\w.,/])(?<said>${number}) of (?:the|a|your|each) (?:\w+ )?(?:bottle|container|jar|tin|vial|roller|rollerball|way)\b`,
    'g',
  );
  return [...plain.matchAll(pattern)].flatMap((match) => {
    const value = readFigure(match.groups?.['said'] ?? '');
    return value === null || value <= 0 || value > 1
      ? []
      : [
          {
            from: match.index,
            to: match.index + match[0].length,
            amount: { unit: 'percent' as const, value: tidy(100 * value) },
            isAside: false,
            isEach: false,
            isTotal: false,
          },
        ];
  });
};

/** A proportion of two or three: `50/50`, `2:1`, `1:1:1`; in parts, in their order. */
export const ratioIn = (line: string): (Span & { readonly parts: readonly number[] }) | null => {
  const plain = plainLetters(line);
  const match =
    /(?<![\w.,/:])(\d{1,3}) ?[:/] ?(\d{1,3})(?: ?[:/] ?(\d{1,3}))?(?![\w/:]|\.\d| ?%| ?(?:ml|g|drops?|oz|tbsp|tsp)\b)/.exec(
      plain,
    );
  if (!match) return equalParts(plain);
  const parts = match
    .slice(1)
    .flatMap((entry: string | undefined) => (entry === undefined ? [] : [Number(entry)]));
  const isSlash = match[0].includes('/');
  // `1/2` is a half; `50/50` and `70/30` are of a hundred.
  if (isSlash && parts.reduce((total, part) => total + part, 0) !== 100) return null;
  return parts.some((part) => part === 0)
    ? null
    : { from: match.index, to: match.index + match[0].length, parts };
};

const equalParts = (plain: string): (Span & { readonly parts: readonly number[] }) | null => {
  const match = /\b(?:equal (?:parts|amounts)(?: of)?|half and half)\b/.exec(plain);
  return match ? { from: match.index, to: match.index + match[0].length, parts: [] } : null;
};
