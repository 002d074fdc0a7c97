import type { AnalysisProblem } from '../reading';

/** Why a batch analysis cannot be read, in a sentence. */
export const analysisProblemWords = (problem: AnalysisProblem): string => {
  switch (problem.code) {
    case 'no-lines':
      return 'No line has a constituent and a percentage. A line looks like “linalool, 34.2”.';
    case 'no-percents':
      return 'No column of percentages was found.';
    case 'which-column':
      return 'There is more than one column of numbers, and no heading says which are percentages. Put “%” above that column, or remove the others.';
    case 'past-100':
      return `Line ${problem.line}: ${problem.name} cannot be ${problem.percent} %.`;
    case 'past-whole':
      return `The percentages add up to ${problem.totalPercent.toFixed(1)}, which is more than 100 %. Check whether a line is counted twice.`;
  }
};
