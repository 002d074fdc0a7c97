import type { SaidProblem } from '../recipe';
import { type Catalog } from '../catalog';
import type { AmountProblem, NumberProblem, Range } from '../quantity';
import { formatG, formatRange } from './numbers';
import { nameInSentence } from './inSentence';

/** Why an amount cannot be read, in a sentence for people. */
const amountProblemWords = ({
  code,
  text,
}: {
  code: AmountProblem | 'a-range';
  text: string;
}): string => {
  switch (code) {
    case 'no-number':
      return `“${text}” is not an amount. Try 2 tsp, 15 g or 30 drops.`;
    case 'no-unit':
      return `“${text}” needs a unit: ml, g, tsp, fl oz, drops or parts.`;
    case 'which-ounce':
      return 'Fluid ounces or ounces by weight?';
    case 'whose-spoons':
      return 'Whose measure is it? They hold different amounts. Jubbet remembers your answer.';
    case 'not-here':
      return 'Your spoon set has no such measure. Use ml, or change the set in Settings.';
    case 'whole-drops':
      return 'Use whole drops.';
    case 'two-ways':
      return `“${text}” can be read two ways. Which is meant?`;
    case 'a-range':
      return 'Only drops of an oil can be a range. Which amount is meant?';
  }
};

/** Why a number cannot are where it was typed, in a sentence. */
export const numberProblemWords = (problem: NumberProblem): string => {
  switch (problem.code) {
    case 'empty':
      return problem.whole ? 'Type a whole number.' : 'Type a number.';
    case 'no-number':
      return `“${problem.text}” is not ${problem.whole ? 'a whole number' : 'a number'}.`;
    case 'not-whole':
      return 'Whole numbers only.';
    case 'not-above':
      return `It must be more than ${problem.bound}.`;
    case 'too-small':
      return `It must be ${problem.bound} or more.`;
    case 'too-large':
      return `At most ${problem.bound}.`;
    case 'two-ways':
      return `“${problem.text}” can be read two ways. Which is meant?`;
  }
};

/** Why what was said cannot be the amount of something, in a sentence. */
export const saidProblemWords = (catalog: Catalog, problem: SaidProblem): string => {
  switch (problem.code) {
    case 'too-much':
      return 'That is more than any container holds.';
    case 'no-parts':
      return 'It must be more than 0 parts.';
    case 'past-all':
      return 'At most 100 %.';
    case 'no-percent':
      return 'It must be from 0 to 100 %.';
    case 'nothing':
      return 'It must be more than 0.';
    case 'drops-of-solid':
      return 'Only liquids can be counted in drops. Use g.';
    case 'weight-unknown':
      return `The weight of that much ${nameInSentence(catalog, problem.baseId)} is not known unless it is melted: weigh it, or say “melted”.`;
    case 'a-heap':
      return 'A cup of it can weigh more or less, depending on how it is packed: weigh it.';
    case 'density-unknown':
      return `Its density is not known: use ${problem.unit}.`;
    case 'other-unit':
      return `Use ${problem.unit}, spoons, cups or ounces.`;
    default:
      return amountProblemWords(problem);
  }
};

/** What so many spoons are taken as: a range, since no one knows how they lie. */
export const takenWords = ({ g, range }: { readonly g: number; readonly range: Range }): string =>
  `Taken as ${formatG(g, 3)}; it may be ${formatRange(range, 'g')}, depending on how it is packed. Weigh it.`;
