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
        ? 'Its container is not in this house: choose another.'
        : `“${here(catalog, problem.id)}” is not in this house: add it, or choose another.`;
    case 'removed':
      return `“${here(catalog, problem.id)}” was taken out of your materials. Put it back there, or choose another.`;
    case 'too-large':
      return `All of it would come to ${formatNumber(problem.value / 1000, 3)} litres, and at most ${formatNumber(problem.limit / 1000, 4)} are worked out. Ask for a lower strength, or take less.`;
    case 'too-many-drops':
      return `This asks for ${formatNumber(problem.value, 6)} drops, and at most ${formatNumber(problem.limit, 6)} are counted. Measure the oils in ml or g, or make less.`;
    case 'over-all':
      return `Percents come to ${formatPercent(problem.value, 3)} with the oils; leave something for the rest.`;
    case 'no-room':
      return `What is fixed comes to ${formatMl(problem.value, 3)}, and there is room for ${formatMl(problem.limit, 3)}. Take less of one, or more or larger vessels.`;
    case 'oils-do-not-fit':
      return `${formatMl(problem.value, 3)} of oil does not fit; the vessel takes ${formatMl(problem.limit, 3)} to its fill line.`;
    case 'too-full':
      return `All of it comes to ${formatMl(problem.value, 3)}; the vessel takes ${formatMl(problem.limit, 3)} to its fill line. Take less, or a larger vessel, or several.`;
  }
};

/** What a recipe still lacks, as it is asked for: `whom it is for`. */
export const gapWords = (catalog: Catalog, gap: Gap): string => {
  switch (gap.code) {
    case 'wearer':
      return 'whom it is for';
    case 'place':
      return 'where it is worn';
    case 'target':
      return 'how strong it is to be';
    case 'base':
      return 'which carrier fills it up';
    case 'amount':
      return `how much ${formatList(gap.ids.map((id) => here(catalog, id).toLowerCase()))}`;
  }
};
