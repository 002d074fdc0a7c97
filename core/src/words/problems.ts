import { nameIn, type Catalog } from '../catalog';
import type { SettleProblem } from '../drops';
import type { Gap } from '../recipe';
import { nameFromId } from './names';
import { formatList, formatMl, formatNumber, formatPercent } from './numbers';

const here = (catalog: Catalog, id: string): string => {
  const name = nameIn(catalog, id);
  return name === id ? nameFromId(id) : name;
};

/** Why a recipe cannot be worked out, in a sentence with what to do. */
export const settleProblemWords = (catalog: Catalog, problem: SettleProblem): string => {
  switch (problem.code) {
    case 'not-here':
      return problem.what === 'container'
        ? 'Its container is not known here: choose another.'
        : `“${here(catalog, problem.id)}” is not known here: add it, or choose another.`;
    case 'removed':
      return `“${here(catalog, problem.id)}” was deleted from your materials. Restore it there, or choose another.`;
    case 'too-large':
      return `In total it would be ${formatNumber(problem.value / 1000, 3)} litres, but at most ${formatNumber(problem.limit / 1000, 4)} can be worked out. Choose a lower strength, or use less.`;
    case 'too-many-drops':
      return `This asks for ${formatNumber(problem.value, 6)} drops, and at most ${formatNumber(problem.limit, 6)} can be counted. Measure the oils in ml or g, or make less.`;
    case 'over-all':
      return `Percents come to ${formatPercent(problem.value, 3)} with the oils; leave room for the rest.`;
    case 'no-room':
      return `The fixed amounts add up to ${formatMl(problem.value, 3)}, and there is room for ${formatMl(problem.limit, 3)}. Use less of one, or more or larger containers.`;
    case 'oils-do-not-fit':
      return `${formatMl(problem.value, 3)} of oil does not fit; the container takes ${formatMl(problem.limit, 3)} to its fill line.`;
    case 'too-full':
      return `In total it is ${formatMl(problem.value, 3)}; the container takes ${formatMl(problem.limit, 3)} to its fill line. Use less, a larger container, or several.`;
  }
};

/** What a recipe still lacks, as it is asked for: `whom it is for`. */
const gapWords = (catalog: Catalog, gap: Gap): string => {
  switch (gap.code) {
    case 'wearer':
      return 'who it is for';
    case 'place':
      return 'where it goes';
    case 'target':
      return 'strength';
    case 'base':
      return 'carrier';
    case 'amount':
      return `how much ${formatList(gap.ids.map((id) => here(catalog, id).toLowerCase()))}`;
  }
};

/** `Still needed: carrier, strength.` */
export const stillNeededWords = (catalog: Catalog, gaps: readonly Gap[]): string =>
  `Still needed: ${gaps.map((gap) => gapWords(catalog, gap)).join(', ')}.`;
