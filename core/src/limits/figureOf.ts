import type { Brief } from '../brief';
import { guidelines, libraryFigure, type LibraryFigure } from '../catalog';
import type { Finding } from './finding';
import { knownWearer } from './question';

/** The figure of the library against which something was compared; undefined where there is none. */
export const figureOfFinding = (
  { rule, subject, reason }: Finding,
  brief: Pick<Brief, 'wearer'>,
): LibraryFigure | undefined => {
  switch (rule) {
    case 'oil-maximum':
      return libraryFigure(`maximum/${subject}`);
    case 'constituent':
      return libraryFigure(`cap/${subject}`);
    case 'light-sum':
      return reason.code === 'light-sum'
        ? libraryFigure(`light/${reason.oils[0] ?? ''}`)
        : undefined;
    case 'whole-blend': {
      if (reason.code !== 'whole-blend' && reason.code !== 'whole-blend-none') return undefined;
      if (reason.because !== 'age') {
        return libraryFigure(`place/${reason.because}`) ?? libraryFigure(`stage/${reason.because}`);
      }
      const ageMonths = knownWearer(brief)?.ageMonths ?? guidelines.adult.fromMonths;
      const row = guidelines.age.findLast(({ fromMonths }) => fromMonths <= ageMonths);
      return row && libraryFigure(`age/${row.fromMonths}`);
    }
    default:
      return undefined;
  }
};
