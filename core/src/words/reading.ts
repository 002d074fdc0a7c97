import { nameIn, type Catalog } from '../catalog';
import type { LineRole, ReadIssue, ReadUnit, WrittenAmount } from '../reading';
import { countedWords, formatList, formatMl, formatNumber, formatPercent } from './numbers';

/** Units of a recipe, of one and of several. */
const units: Readonly<Record<ReadUnit, readonly [string, string]>> = {
  drops: ['drop', 'drops'],
  ml: ['ml', 'ml'],
  g: ['g', 'g'],
  tbsp: ['tbsp', 'tbsp'],
  dessertspoon: ['dessertspoon', 'dessertspoons'],
  tsp: ['tsp', 'tsp'],
  cup: ['cup', 'cups'],
  pint: ['pint', 'pints'],
  quart: ['quart', 'quarts'],
  'fl oz': ['fl oz', 'fl oz'],
  oz: ['oz', 'oz'],
  'oz by weight': ['oz by weight', 'oz by weight'],
  lb: ['lb', 'lb'],
  grain: ['grain', 'grains'],
  parts: ['part', 'parts'],
  percent: ['%', '%'],
};

/** An amount as it was read: `10 drops`, `2 to 3 tbsp`, `2.5 %`. */
export const writtenAmountWords = ({
  unit,
  value,
  low,
  high,
  plus = [],
}: Omit<WrittenAmount, 'typed'>): string => {
  const [one, several] = units[unit];
  const figure =
    low !== undefined && high !== undefined
      ? `${formatNumber(low, 4)} to ${formatNumber(high, 4)}`
      : formatNumber(value, 4);
  const more = plus.map((term) => writtenAmountWords(term));
  return [`${figure} ${value <= 1 ? one : several}`, ...more].join(' + ');
};

const either = (catalog: Catalog, ids: readonly string[]): string =>
  ids.length > 1
    ? `${ids
        .slice(0, -1)
        .map((id) => nameIn(catalog, id))
        .join(', ')} or ${nameIn(catalog, ids[ids.length - 1] ?? '')}`
    : nameIn(catalog, ids[0] ?? '');

const guesses: readonly ReadIssue['code'][] = [
  'which-material',
  'which-ounce',
  'unknown-ingredient',
  'misspelt',
  'which-amount',
  'range-taken',
  'unit-guessed',
];

/** True where a recipe is right and its reader guessed: shown where the guess can be changed. */
export const isGuess = ({ code }: ReadIssue): boolean => guesses.includes(code);

const roles: Readonly<Record<LineRole, string>> = {
  title: 'name',
  heading: 'heading',
  ingredient: 'ingredient',
  container: 'container',
  target: 'strength',
  total: 'sum of the drops',
  step: 'step',
  note: 'note',
  left: 'not understood',
};

/** What a line was taken for. */
export const lineRoleWords = (role: LineRole): string => roles[role];

/** What is not in the blend that was made of a recipe. */
export const skippedWords = (texts: readonly string[]): string =>
  `Left out of the blend: ${formatList(texts.map((text) => `“${text}”`))}.`;

/** `3.2 times the maximum`, `within`. */
export const timesTooStrongWords = (times: number): string =>
  times === Infinity
    ? 'not to be used at all'
    : times <= 1
      ? 'within'
      : `${formatNumber(times, 2)} times the maximum`;

/** What does not add up, in a sentence. */
export const readIssueWords = (catalog: Catalog, issue: ReadIssue): string => {
  switch (issue.code) {
    case 'drops-differ':
      return `It says ${countedWords(issue.stated, 'drop')} in all, but lists ${formatNumber(issue.listed, 4)}.`;
    case 'no-amount':
      return `“${issue.ingredient}” has no amount.`;
    case 'no-carrier':
      return 'It names no carrier: undiluted oils are too strong for skin.';
    case 'does-not-fit':
      return `All of it is about ${formatMl(issue.ml, 2)}, but the container holds about ${formatMl(issue.containerMl, 2)}.`;
    case 'mass-and-volume':
      return `Some of it is weighed (${formatList(issue.byWeight)}), and some is measured by volume (${formatList(issue.byVolume)}).`;
    case 'strength-differs': {
      const stated =
        issue.upTo === null
          ? formatPercent(issue.stated)
          : `${formatNumber(issue.stated, 3)} to ${formatPercent(issue.upTo)}`;
      const made =
        issue.trueAt === null
          ? 'No size of drop makes that true.'
          : `It would be true at ${issue.trueAt} drops per ml.`;
      return `It says ${stated}, but is ${formatPercent(issue.actual)} at 20 drops per ml. ${made}`;
    }
    case 'percent-sum':
      return `The percentages add up to ${formatPercent(issue.sum, 4)}, not to 100 %.`;
    case 'oil-not-listed':
      return `A step names “${issue.text}”, which is not among the ingredients.`;
    case 'step-needs':
      return `A step needs ${issue.ids.length > 0 ? `“${issue.what}”` : issue.what}, which is not among the ingredients.`;
    case 'never-on-skin':
      return `${nameIn(catalog, issue.materialId)} must never go on skin.`;
    case 'strong-habit':
      return `It is ${formatPercent(issue.percent)} essential oil at 20 drops per ml: more than ${formatPercent(issue.most)}, the most ${issue.isPerfume ? 'for a dab of perfume' : 'for everyday use on skin'}.`;
    case 'which-material':
      return `“${issue.ingredient}” may be ${either(catalog, issue.ids)}.`;
    case 'which-ounce':
      return `The ounces in “${issue.ingredient}” may be fluid ounces or ounces of weight.`;
    case 'unknown-ingredient':
      return `Jubbet doesn’t know what “${issue.ingredient}” is.`;
    case 'limit-met':
      return `More than ${issue.most} ${issue.of} are not read out of one text. What follows them was left.`;
    case 'which-amount':
      return `The amount in “${issue.ingredient}” can be read as ${formatList(issue.readings, 'or')}.`;
    case 'says-for':
      return `It speaks of “${issue.whom}”: choose who it is for before you trust the verdict.`;
    case 'range-taken':
      return `“${issue.ingredient}” is a range: the end that makes the blend stronger is taken.`;
    case 'unit-guessed':
      return `“${issue.ingredient}” has no unit, so the number was taken as drops.`;
    case 'misspelt':
      return `“${issue.ingredient}” was read as ${either(catalog, issue.ids)}.`;
  }
};
