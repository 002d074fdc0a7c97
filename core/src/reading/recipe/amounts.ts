import { amountsIn, asTyped, type LexedAmount, plainLetters, type Span } from '../../quantity';

/** Units as a recipe names them; none is turned into another. */
export const readUnits = [
  'drops',
  'ml',
  'g',
  'tbsp',
  'dessertspoon',
  'tsp',
  'cup',
  'pint',
  'quart',
  'fl oz',
  'oz',
  'oz by weight',
  'lb',
  'grain',
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
  /** What is added to it in another measure: `½ cup + 2 tbsp`. */
  readonly plus?: readonly { readonly unit: ReadUnit; readonly value: number }[];
  /** As it would be typed into a field. */
  readonly typed: string;
  /** Where the number can be read two ways: each of them, as it would be typed. */
  readonly readings?: readonly string[];
}

/** An amount where it is in a line. */
export interface FoundAmount extends Span {
  readonly amount: WrittenAmount;
  /** It is of the container: `a third of the bottle`; in percent. */
  readonly isShare: boolean;
  /** It is in brackets: the same once more in another measure, as a rule. */
  readonly isAside: boolean;
  /** `each` is behind it. */
  readonly isEach: boolean;
  /** It is the sum of several: `15 drops total`. */
  readonly isTotal: boolean;
}

/** A number of one unit. */
export const writtenAmount = (unit: ReadUnit, value: number): WrittenAmount => ({
  unit,
  value,
  typed: `${value} ${unit === 'percent' ? '%' : unit}`,
});

/** To a ten-thousandth: a third is written, not infinitely many threes. */
const tidy = (value: number): number => Math.round(10_000 * value) / 10_000;

/** A share of the container is in percent of it. */
const writtenOf = ({ terms }: LexedAmount): WrittenAmount | null => {
  const [first, ...others] = terms;
  if (first.unit === 'share') {
    return first.high > 1 ? null : writtenAmount('percent', tidy(100 * first.high));
  }
  const { unit, low, high } = first;
  const plus = others.flatMap((term) =>
    term.unit === 'share' ? [] : [{ unit: term.unit, value: tidy(term.high) }],
  );
  return {
    unit,
    value: tidy((low + high) / 2),
    ...(low < high && { low: tidy(low), high: tidy(high) }),
    ...(plus.length > 0 && { plus }),
    typed: asTyped(terms),
    ...(first.readings && {
      readings: first.readings.map((value) => asTyped([{ ...first, figure: `${value}` }])),
    }),
  };
};

const isInBrackets = (text: string, at: number): boolean => {
  const before = text.slice(0, at);
  return (
    before.lastIndexOf('(') > before.lastIndexOf(')') ||
    before.lastIndexOf('[') > before.lastIndexOf(']')
  );
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
export const amountsOf = (line: string): readonly FoundAmount[] => {
  const plain = plainLetters(line);
  return amountsIn(line).flatMap((lexed) => {
    const amount = writtenOf(lexed);
    if (!amount) return [];
    const { from, to } = lexed;
    const after = plain.slice(to);
    return [
      {
        from,
        to,
        amount,
        isShare: lexed.terms[0].unit === 'share',
        isAside: isInBrackets(plain, from),
        isEach: eachAfter.test(after),
        isTotal:
          totalAfter.test(after) ||
          totalBefore.test(plain.slice(0, from)) ||
          (amount.unit === 'drops' && ofAllOils.test(after)),
      },
    ];
  });
};

/** A proportion of two or three: `50/50`, `2:1`, `1:1:1`; in parts, in their order. */
export const ratioIn = (line: string): (Span & { readonly parts: readonly number[] }) | null => {
  const plain = plainLetters(line);
  const match =
    /(?<![\w.,/:])(\d{1,3}) ?[:/] ?(\d{1,3})(?: ?[:/] ?(\d{1,3}))?(?: ?[:/] ?(\d{1,3}))?(?: ?%)?(?![\w/:%]|\.\d| ?(?:ml|g|drops?|oz|tbsp|tsp)\b)/.exec(
      plain,
    );
  if (!match) return equalParts(plain);
  const parts = match
    .slice(1)
    .flatMap((entry: string | undefined) => (entry === undefined ? [] : [Number(entry)]));
  const isOfHundred = parts.reduce((total, part) => total + part, 0) === 100;
  if (match[0].endsWith('%') && !isOfHundred) return null;
  const isSlash = match[0].includes('/');
  // `1/2` is a half; `50/50` and `70/30` are of a hundred.
  if (isSlash && !isOfHundred) return null;
  return parts.some((part) => part === 0)
    ? null
    : { from: match.index, to: match.index + match[0].length, parts };
};

const equalParts = (plain: string): (Span & { readonly parts: readonly number[] }) | null => {
  const match = /\b(?:equal (?:parts|amounts)(?: of)?|half and half)\b/.exec(plain);
  return match ? { from: match.index, to: match.index + match[0].length, parts: [] } : null;
};
