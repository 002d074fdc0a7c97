import { formatList } from './numbers';
import type { ReadShelf, ShelfColumn, ShelfLineProblem } from '../reading';

const names: Readonly<Record<ShelfColumn, string>> = {
  material: 'the material',
  lot: 'the lot number',
  supplier: 'the supplier',
  size: 'the size',
  left: 'what is left',
  unit: 'the unit',
  count: 'how many bottles there are',
  bought: 'the day it was bought',
  opened: 'the day it was opened',
  printed: 'the date printed on it',
  price: 'the price',
};

/** What is wrong with a line of a table of bottles, and what to do. */
export const shelfLineWords = (problem: ShelfLineProblem): string => {
  switch (problem.code) {
    case 'no-material':
      return 'It doesn’t say what is in the bottle.';
    case 'unknown-material':
      return `“${problem.name}” isn’t a name that Jubbet knows. Check the spelling, use the botanical name, or add it as a material of your own first.`;
    case 'several':
      return `“${problem.name}” may be several. Which is it?`;
    case 'never-on-skin':
      return `“${problem.name}” must never go on skin, so it has no place on this shelf.`;
    case 'no-size':
      return 'It doesn’t say how much the full bottle holds.';
    case 'number':
      return `“${problem.text}” isn’t a number for ${names[problem.column]}.`;
    case 'unit':
      return `“${problem.text}” isn’t a unit that Jubbet knows. Write ml, l, g, kg, lb, US fl oz or oz by weight.`;
    case 'day':
      return `“${problem.text}” isn’t a day for ${names[problem.column]}. Write it as 2026-05-03.`;
    case 'day-two-ways':
      return `“${problem.text}” may be read two ways. Write it as 2026-05-03.`;
    case 'to-come':
      return `“${problem.text}” is still to come: ${names[problem.column]} can’t be in the future.`;
    case 'which-measure':
      return `“${problem.text}” may be ${formatList(problem.readings, 'or')}. Write which.`;
    case 'day-before':
      return `The day for ${names[problem.column]} is before that for ${names[problem.other]}. Check both.`;
    case 'twice':
      return `This is the same as line ${problem.first}. Are these two bottles?`;
    case 'more-than-holds':
      return 'More is left than the full bottle holds.';
  }
};

/** Why a table of bottles cannot be read at all. */
export const shelfTableWords = ({ code }: Extract<ReadShelf, { ok: false }>): string => {
  switch (code) {
    case 'empty':
      return 'There are no bottles in it: a line of headings is needed, and a line for each bottle.';
    case 'no-heading':
      return 'One of the first lines must name the columns: at least “material” and “size”. Others are lot, supplier, left, unit, bought, opened, best before and price.';
    case 'too-long':
      return 'That is more than 2000 lines. Cut it into several files.';
  }
};
