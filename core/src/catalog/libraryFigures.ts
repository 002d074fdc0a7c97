import { constituentLimits } from './caps';
import type { FigureCheck } from './own';
import { guidelines, shippedOils } from './shipped';
import { figureSources } from './sources';

/** A maximum of the library: whoever has the book can look it up, and say what stands there. */
export interface LibraryFigure {
  /** `maximum/clove-bud`, `light/bergamot`, `cap/eugenol`, `place/face`, `stage/pregnant`, `age/24`. */
  readonly id: string;
  readonly kind: 'maximum' | 'light' | 'cap' | 'age' | 'place' | 'stage';
  /** Id of the oil, the cap, the place or the stage; of an age the months from which it holds. */
  readonly subject: string;
  /** In percent of the finished product. */
  readonly percent: number;
  readonly source: string;
  readonly confidence: string;
}

const figure = (
  kind: LibraryFigure['kind'],
  subject: string,
  rest: Pick<LibraryFigure, 'percent' | 'source' | 'confidence'>,
): LibraryFigure => ({ id: `${kind}/${subject}`, kind, subject, ...rest });

const sourceOf = (name: string): string => figureSources.oils[name]?.source ?? 'RECALL';

/** All maxima of the library that have a figure: an inferred one stands in no book. */
export const libraryFigures: readonly LibraryFigure[] = [
  ...shippedOils.flatMap(({ id, dermalMaximum: { percent, status, confidence } }) =>
    percent === null || status !== 'stated'
      ? []
      : [figure('maximum', id, { percent, source: sourceOf('dermalMaximum'), confidence })],
  ),
  ...shippedOils.flatMap(({ id, phototoxicLimitPercent: percent, dermalMaximum }) =>
    percent === null
      ? []
      : [
          figure('light', id, {
            percent,
            source: sourceOf('phototoxicLimitPercent'),
            confidence: dermalMaximum.confidence,
          }),
        ],
  ),
  ...constituentLimits.map(({ id, percent, source, confidence }) =>
    figure('cap', id, { percent, source, confidence }),
  ),
  ...guidelines.age.map(({ fromMonths, clinical, source, confidence }) =>
    figure('age', String(fromMonths), { percent: clinical.maximum, source, confidence }),
  ),
  ...guidelines.place.map(({ id, maximum, source, confidence }) =>
    figure('place', id, { percent: maximum, source, confidence }),
  ),
  ...guidelines.stage.map(({ id, maximum, source, confidence }) =>
    figure('stage', id, { percent: maximum, source, confidence }),
  ),
];

const byId = new Map(libraryFigures.map((one) => [one.id, one]));

/** A figure of the library by its id. */
export const libraryFigure = (id: string): LibraryFigure | undefined => byId.get(id);

/** True where the book says what the library says. */
export const agrees = (
  { percent }: Pick<LibraryFigure, 'percent'>,
  check: Pick<FigureCheck, 'percent'>,
): boolean => Math.abs(percent - check.percent) < 1e-9;

/** Where it was looked up, as a source: `Essential Oil Safety, 2nd ed., p. 251`. */
export const checkSource = ({ work, page }: Pick<FigureCheck, 'work' | 'page'>): string =>
  (page === '' ? work : `${work}, p. ${page}`).slice(0, 200);
