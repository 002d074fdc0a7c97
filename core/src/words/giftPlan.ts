import { nameIn, type Catalog } from '../catalog';
import type { Step } from '../making';
import type { LineProblem, PlannedTask, Supply, ContainerNeed, TooMuch } from '../planning';
import { looseWords } from './blend';
import { containerWords } from './brief';
import { countedContainers } from './containers';
import { dayWords } from './days';
import { countedWords } from './numbers';
import { capitalised, formatList, formatG, formatMl, formatNumber } from './numbers';
import { settleProblemWords, stillNeededWords } from './problems';
import { stepTitle } from './steps';
import { spanWords } from './planSentence';
import { metricUnits } from './units';

/** Why a line of a plan cannot be planned, in a sentence with what to do. */
export const lineProblemWords = (
  catalog: Catalog,
  problem: LineProblem | ({ readonly code: 'too-long' } & TooLong),
): string => {
  switch (problem.code) {
    case 'gaps':
      return stillNeededWords(catalog, problem.gaps);
    case 'not-worked-out':
      return settleProblemWords(catalog, problem.problem);
    case 'blocking':
      return 'do not use this blend on the person it is for. It can’t be planned.';
    case 'jug':
      return `one piece takes ${formatMl(problem.pieceMl, 4)}, and the largest jug ${formatMl(problem.jugMl, 4)}.`;
    case 'too-much':
      return 'it is more of one ingredient than a recipe may have.';
    case 'too-long':
      return `“${taskTitle(catalog, problem.steps, 0)}” takes ${spanWords(problem.minutes)} in one go, and the longest time in your hours is ${spanWords(problem.longest)}.`;
  }
};

interface TooLong {
  readonly steps: readonly [Step, ...Step[]];
  readonly minutes: number;
  readonly longest: number;
}

/** What is done, for all bottles of a batch together: `Lavender, 36 drops`. */
const taskTitle = (
  catalog: Catalog,
  [first, ...others]: readonly [Step, ...Step[]],
  part: number,
): string => {
  const steps = [first, ...others];
  switch (first.kind) {
    case 'count': {
      const drops = steps.reduce((n, step) => n + (step.kind === 'count' ? step.drops : 0), 0);
      return `${nameIn(catalog, first.oilId)}, ${countedWords(drops, 'drop')}`;
    }
    case 'measure': {
      const ml = steps.reduce((total, step) => total + (step.kind === 'measure' ? step.ml : 0), 0);
      return `${nameIn(catalog, first.oilId)}, ${formatMl(ml, 3)}`;
    }
    case 'top-up': {
      const ml = steps.reduce((total, step) => total + (step.kind === 'top-up' ? step.ml : 0), 0);
      return steps.length === 1
        ? stepTitle(catalog, first, metricUnits)
        : `Top up ${countedContainers(steps.length, first.of)}, ${formatMl(ml, 3)} carrier in all`;
    }
    case 'weigh':
      return `${nameIn(catalog, first.baseId)}, ${first.loose ? looseWords(first.loose) : formatG(first.g, 3)}`;
    case 'whip':
      return part === 0 ? 'Chill' : 'Whip';
    case 'combine':
      return part === 0 ? stepTitle(catalog, first, metricUnits) : 'Let it stand';
    case 'label':
      return `Label ${countedWords(first.containers, 'container')}`;
    default:
      return stepTitle(catalog, first, metricUnits);
  }
};

/** What a task of a plan is. */
export const plannedTaskWords = (catalog: Catalog, { task }: Pick<PlannedTask, 'task'>): string =>
  task === 'patch-test' ? 'Patch test, 48 hours' : taskTitle(catalog, task.steps, task.part);

/** What is amiss with where a material comes from: a code and a sentence each. */
export const supplyProblems = (
  catalog: Catalog,
  { id, nowhereMl, buy, fromShelf, usedCost, buyCost, past }: Supply,
): readonly { readonly code: string; readonly text: string }[] => {
  const name = nameIn(catalog, id);
  return [
    ...(nowhereMl > 0
      ? [
          {
            code: 'not-sold',
            text: `${name}: ${formatMl(nowhereMl, 3)} are short, and no size to buy is given.`,
          },
        ]
      : []),
    ...(buy.length > 0 && buyCost === null
      ? [
          {
            code: 'price-unknown',
            text: `${name}: the price of a size is not known, so the least left over is bought.`,
          },
        ]
      : []),
    ...(nowhereMl === 0 && usedCost === null && (buy.length === 0 || buyCost !== null)
      ? [
          {
            code: 'price-unknown',
            text: `${name}: the price of ${countedWords(fromShelf.filter(({ row }) => row.price === null || row.size === null).length, 'bottle')} on the shelf is not known.`,
          },
        ]
      : []),
    ...past.map(({ id: bottle, bestBefore }) => ({
      code: 'past-date',
      text: `${name}: bottle ${bottle} is best before ${dayWords(bestBefore ?? '')}, so it is not used.`,
    })),
  ];
};

/** Why a plan as a whole is not worked out. */
export const tooMuchWords = ({ code, value, most }: TooMuch): string =>
  code === 'too-many-batches'
    ? `lines: they come to more than ${most} batches. Make fewer pieces, take a larger jug, or plan them in parts.`
    : `hours: at these the work takes ${formatNumber(value, 6)} weeks, and at most ${most} are planned. Give more time, or make fewer pieces.`;

/** What is amiss with containers. */
export const containerProblems = ({
  container,
  need,
  isUnknown,
  price,
  usedCost,
}: ContainerNeed): readonly { readonly code: string; readonly text: string }[] => {
  if (isUnknown) {
    return [
      {
        code: 'container-unknown',
        text: `${capitalised(containerWords(container))}: ${formatNumber(need, 4)} are needed, and nothing is said of how many there are.`,
      },
    ];
  }
  return price === null || usedCost === null
    ? [
        {
          code: 'price-unknown',
          text: `${capitalised(containerWords(container))}: the price of a pack is not known.`,
        },
      ]
    : [];
};

/** What is amiss with the time of a plan. */
export const lateWords = (finish: string, ready: string): string =>
  `It is ready on ${momentWords(finish)}, and wanted by ${momentWords(ready)}. Begin sooner, make less, or ask another pair of hands.`;

/** `12 Dec 2026, 18:00`. */
const momentWords = (moment: string): string =>
  formatList([`${dayWords(moment.slice(0, 10))}, ${moment.slice(11)}`]);
