import { countWords, plainLetters, type Span } from '../../quantity';
import type { FoundAmount, WrittenAmount } from './amounts';
import type { FoundMaterial } from './materials';
import { roleIn } from './otherMeasures';

/** An ingredient as it was read. */
export interface ReadIngredient {
  /** As it was written, with its amount. */
  readonly text: string;
  /** Null where the name may be several, or is not known. */
  readonly materialId: string | null;
  /** What it may be, the likeliest first. */
  readonly candidates: readonly string[];
  readonly kind: 'oil' | 'base' | null;
  readonly amount: WrittenAmount | null;
  /** Where its number can be read two ways: each, as it would be typed. */
  readonly amountReadings: readonly string[];
  /** The same once more, in another measure. */
  readonly secondAmount: WrittenAmount | null;
  /** It fills what is left of the container. */
  readonly isFill: boolean;
  readonly isOptional: boolean;
  /** `or 12 g candelilla wax`: in place of the one before it. */
  readonly isAlternative: boolean;
  /** It is spelled otherwise than anything here: the nearest was taken. */
  readonly isMisspelt: boolean;
  /** No unit is there: the number was taken as drops. */
  readonly isUnitGuessed: boolean;
  /** 1 where nothing was guessed; 0 where it is not known what it is. */
  readonly confidence: number;
  /** What the sentence says of it: that it goes in, that it may, or that it does not. */
  readonly role: 'in' | 'perhaps' | 'not';
}

const confidenceOf = (material: FoundMaterial): number =>
  material.ids.length > 1 ? 0.5 : material.isMisspelt ? 0.6 : 1;

/** An amount that can be read in one way only. */
const sure = (found: FoundAmount | undefined): WrittenAmount | null =>
  found && !found.amount.readings ? found.amount : null;

export const ingredientOf = (
  line: string,
  material: FoundMaterial,
  amount: FoundAmount | undefined,
  secondAmount: FoundAmount | undefined,
  isFill: boolean,
): ReadIngredient => {
  const parts = [material, amount, secondAmount].flatMap((entry) => (entry ? [entry] : []));
  const from = Math.min(...parts.map((part) => part.from));
  const end = Math.max(...parts.map((part) => part.to));
  // A bracket that was opened is closed.
  const isOpen = /\([^)]*$/.test(line.slice(from, end));
  const closing = isOpen ? line.indexOf(')', end) : -1;
  const to = closing < 0 ? end : closing + 1;
  const [only] = material.ids;
  return {
    text: line.slice(from, to).trim(),
    materialId: material.ids.length === 1 ? (only ?? null) : null,
    candidates: material.ids,
    kind: material.kind,
    amount: sure(amount),
    amountReadings: amount?.amount.readings ?? [],
    secondAmount: secondAmount?.amount ?? null,
    isFill: isFill && !amount,
    isOptional: /\boptional(?:ly)?\b|\bif (?:you (?:like|wish|want)|desired)\b/i.test(line),
    isAlternative: false,
    isMisspelt: material.isMisspelt,
    isUnitGuessed: false,
    confidence: confidenceOf(material),
    role: roleIn(plainLetters(line), { from, to }),
  };
};

/** What is left of a line when noise is taken away: what an unknown ingredient is called. */
export const unknownName = (line: string, taken: readonly Span[]): string =>
  Array.from(line, (letter, n) =>
    taken.some(({ from, to }) => n >= from && n < to) ? ' ' : letter,
  )
    .join('')
    .replace(/\([^)]*\)/g, ' ')
    .replace(/^[^\p{L}]+|[^\p{L})]+$/gu, '')
    .replace(/^(?:of|each|x)\b/i, '')
    .replace(/\s+/g, ' ')
    .trim();

export const said = (line: string, { from, to }: Span): string => line.slice(from, to).trim();

export const trimmed = (line: string, { from, to }: Span): string =>
  line.slice(from, to).replace(/^[^\p{L}\p{N}½¼¾⅓⅔⅛]+|[^\p{L}\p{N})%]+$/gu, '');

/** Something with a name that is not in the library; `carrier oil of choice` is a base at least. */
export const unknownOf = (
  text: string,
  found: FoundAmount | undefined,
  line: string,
): ReadIngredient => ({
  text,
  materialId: null,
  candidates: [],
  kind: /carrier|base oil|vegetable oil|fixed oil/i.test(text) ? 'base' : null,
  amount: sure(found),
  amountReadings: found?.amount.readings ?? [],
  secondAmount: null,
  isFill: false,
  isOptional: /\boptional/i.test(line),
  isAlternative: false,
  isMisspelt: false,
  isUnitGuessed: false,
  confidence: 0,
  role: found ? roleIn(plainLetters(line), found) : 'in',
});

/** `10 drops cedarwood and a couple extra`: a range that begins with what is written. */
export const withMore = (found: FoundAmount, behind: string): FoundAmount => {
  const { unit, value, low = value, high = value } = found.amount;
  const [, word] =
    /^ ?,? ?\(?(?:and |plus |\+ ?)?(?:an? )?(couple|one|two|three|\d)(?: of)? (?:extra|more)\b/.exec(
      behind,
    ) ?? [];
  if (word === undefined || unit !== 'drops') return found;
  const most = high + (word === 'couple' ? 2 : (countWords[word] ?? Number(word)));
  return {
    ...found,
    amount: {
      unit,
      value: (low + most) / 2,
      low,
      high: most,
      typed: `${low}-${most} drops`,
    },
  };
};
