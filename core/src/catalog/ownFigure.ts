import type { OwnMaterial } from './own';
import type { Oil } from './schema';

type OwnFigure = Extract<OwnMaterial, { kind: 'figure' }>;

const figureOf = (oil: Oil, figure: OwnFigure['figure']): number | null => {
  switch (figure) {
    case 'maximum':
      return oil.dermalMaximum.percent;
    case 'light':
      return oil.phototoxicLimitPercent;
    case 'density':
      return oil.densityGPerMl;
    case 'shelf':
      return oil.shelfYears;
  }
};

/** The library's figure, also behind one of the maker's own that was laid over it before. */
const libraryOf = (oil: Oil, figure: OwnFigure['figure']): number | null =>
  oil.own?.figures.find((entry) => entry.figure === figure && entry.original !== null)?.original ??
  figureOf(oil, figure);

/**
 * True where a figure allows more than the library's: of light it never counts, and of a file from
 * elsewhere neither does a maximum.
 */
const loosens = (oil: Oil, { figure, value }: OwnFigure, isFromElsewhere: boolean): boolean => {
  const library = libraryOf(oil, figure);
  return (
    library !== null &&
    value > library &&
    (figure === 'light' || (isFromElsewhere && figure === 'maximum'))
  );
};

/**
 * An oil with a figure of the maker's own beside the library's.
 *
 * @param isFromElsewhere it came with a file: the stricter of both counts
 */
export const withFigure = (oil: Oil, own: OwnFigure, isFromElsewhere: boolean): Oil => {
  if (loosens(oil, own, isFromElsewhere)) return oil;
  const { figure, value } = own;
  const mark = {
    own: {
      ...(oil.own ?? { material: false }),
      figures: [
        ...(oil.own?.figures ?? []),
        { figure, value, original: libraryOf(oil, figure), source: own.source },
      ],
    },
  };
  switch (figure) {
    case 'maximum':
      return {
        ...oil,
        ...mark,
        dermalMaximum: { percent: value, status: 'stated', basis: null, confidence: 'none' },
      };
    case 'light':
      return { ...oil, ...mark, phototoxicLimitPercent: value };
    case 'density':
      return { ...oil, ...mark, densityGPerMl: value };
    case 'shelf':
      return { ...oil, ...mark, shelfYears: value };
  }
};
