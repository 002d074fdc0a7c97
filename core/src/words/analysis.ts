import type { AnalysisProblem } from '../reading';

/** Why a batch analysis cannot be read, in a sentence. */
export const analysisProblemWords = (problem: AnalysisProblem): string => {
  switch (problem.code) {
    case 'no-lines':
      return 'No line with a constituent and a percent was found. A line looks like “linalool, 34.2”.';
    case 'no-percents':
      return 'No column of percents was found.';
    case 'which-column':
      return 'It has more than one column of numbers, and no heading says which are the percents. Write “%” over it, or leave the others out.';
    case 'past-100':
      return `Line ${problem.line}: ${problem.name} cannot be ${problem.percent} %.`;
    case 'past-whole':
      return `The percents come to ${problem.totalPercent.toFixed(1)}, more than the whole bottle. Look for a line that counts twice.`;
  }
};
