import { guidelines, nameIn, type Catalog, type FigureCheck, type LibraryFigure } from '../catalog';
import { ageWords, placeWords } from './brief';
import { capitalised, formatPercent } from './numbers';
import { dayWords } from './days';
import { guidelineWords } from './findingFigures';

/** What kinds of figure are called, above a list of them. */
export const figureKindWords: Readonly<Record<LibraryFigure['kind'], string>> = {
  maximum: 'Dermal maxima of oils',
  light: 'Phototoxic limits of oils',
  cap: 'Combined limits of constituents',
  age: 'The whole blend, by age',
  place: 'The whole blend, by place',
  stage: 'The whole blend, by stage and skin',
};

/** The name of a figure in its list: `Clove bud`, `2 years to under 6 years`. */
export const figureWords = (catalog: Catalog, { kind, subject }: LibraryFigure): string => {
  switch (kind) {
    case 'maximum':
    case 'light':
      return nameIn(catalog, subject);
    case 'cap':
      return capitalised(subject);
    case 'place':
      return capitalised(placeWords[subject as keyof typeof placeWords]);
    case 'stage':
      return capitalised(guidelineWords(subject));
    case 'age': {
      const from = Number(subject);
      const to = guidelines.age.find(({ fromMonths }) => fromMonths === from)?.toMonths ?? null;
      if (to === null) return `From ${ageWords(from)}`;
      return from === 0 ? `Under ${ageWords(to)}` : `${ageWords(from)} to under ${ageWords(to)}`;
    }
  }
};

/** `0.5 % in Essential Oil Safety, 2nd ed., p. 251, by Mara Quill, 1 Dec 2026`. */
export const checkWords = ({ percent, work, page, by, checkedOn }: FigureCheck): string =>
  `${formatPercent(percent)} in ${work}${page === '' ? '' : `, p. ${page}`}, by ${by}, ${dayWords(checkedOn)}`;
