import type { SaidProblem } from '../recipe';
import { nameIn, type Catalog } from '../catalog';
import type { AmountProblem, NumberProblem, Range } from '../quantity';
import { formatG, formatRange } from './numbers';

/** Why an amount cannot be read, in a sentence for people. */
const amountProblemWords = ({ code, text }: { code: AmountProblem; text: string }): string => {
  switch (code) {
    case 'no-number':
      return `“${text}” is not an amount. Say 2 tsp, 15 g, 30 drops.`;
    case 'no-unit':
      return `“${text}” has no unit known here. Say ml, g, tsp, fl oz, drops or parts.`;
    case 'which-ounce':
      return 'Which ounce: fl oz, of volume, or oz of weight? For weight, say it in g.';
    case 'not-here':
      return 'Your spoons have no such measure. Say it in ml, or choose others in Settings.';
    case 'whole-drops':
      return 'Drops come whole.';
    case 'two-ways':
      return `“${text}” can be read two ways. Which is meant?`;
  }
};

/** Why a number cannot stand where it was typed, in a sentence. */
export const numberProblemWords = (problem: NumberProblem): string => {
  switch (problem.code) {
    case 'empty':
      return problem.whole ? 'Type a whole number.' : 'Type a number.';
    case 'no-number':
      return `“${problem.text}” is not ${problem.whole ? 'a whole number' : 'a number'}.`;
    case 'not-whole':
      return 'Whole numbers only.';
    case 'not-above':
      return `More than ${problem.bound}, please.`;
    case 'too-small':
      return `${problem.bound} or more, please.`;
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
      return 'That is more than any vessel here takes.';
    case 'no-parts':
      return 'More than 0 parts, please.';
    case 'past-all':
      return 'At most 100 %.';
    case 'no-percent':
      return 'From 0 to 100 %, please.';
    case 'nothing':
      return 'More than nothing, please.';
    case 'drops-of-solid':
      return 'Drops are of what pours: say it in g.';
    case 'weight-unknown':
      return `Not known what that much ${nameIn(catalog, problem.baseId).toLowerCase()} weighs as it lies: weigh it, or say “melted”.`;
    case 'a-heap':
      return 'What a cup of it weighs depends on how it lies: weigh it.';
    case 'density-unknown':
      return `Its density is not known: say it in ${problem.unit}.`;
    case 'other-unit':
      return `Say it in ${problem.unit}, or in spoons, cups or ounces.`;
    default:
      return amountProblemWords(problem);
  }
};

/** What so many spoons are taken as: a range, since nobody knows how they lie. */
export const takenWords = ({ g, range }: { readonly g: number; readonly range: Range }): string =>
  `Taken as ${formatG(g, 3)}; it may be ${formatRange(range, 'g')}, as it lies. Weigh it.`;
