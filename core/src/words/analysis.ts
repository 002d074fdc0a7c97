import { knownByName, type Content } from '../catalog';
import type { AnalysisProblem } from '../reading';
import { formatPercent } from './numbers';

/** Why a batch analysis cannot be read, in a sentence. */
export const analysisProblemWords = (problem: AnalysisProblem): string => {
  switch (problem.code) {
    case 'no-lines':
      return 'No line has a constituent and a percentage. A line looks like “linalool, 34.2”.';
    case 'no-percents':
      return 'No column of percentages was found.';
    case 'fractions':
      return 'These look like shares of one (0.342), not percents. Type them as percents.';
    case 'which-column':
      return 'There is more than one column of numbers, and no heading says which are percentages. Put “%” above that column, or remove the others.';
    case 'past-100':
      return `Line ${problem.line}: ${problem.name} cannot be ${problem.percent} %.`;
    case 'past-whole':
      return `The percentages add up to ${problem.totalPercent.toFixed(1)}, which is more than 100 %. Check whether a line is counted twice.`;
  }
};

/** The most names of unknown constituents that one sentence lists. */
const mostNames = 12;

/** What of a composition is known by name: `Known by name: 64 %. Not known: zingabarol (2 %).` */
export const knownByNameWords = (contents: readonly Content[]): string => {
  const { percent, unknown } = knownByName(contents);
  const known = `Known by name: ${formatPercent(percent, 3)}.`;
  if (unknown.length === 0) return known;
  const sorted = [...unknown].sort((a, b) => b[2] - a[2]);
  const listed = sorted
    .slice(0, mostNames)
    .map(([name, , typical]) => `${name} (${formatPercent(typical, 3)})`)
    .join(', ');
  const more = sorted.length - mostNames;
  return `${known} Not known, so no limit checks it: ${listed}${more > 0 ? ` and ${more} more` : ''}.`;
};
