import { type Catalog } from '../catalog';
import type { Finding } from '../limits';
import { ageWords } from './brief';
import { allergyWords, conditionWords } from './conditions';
import { findingMessage } from './findings';
import { capitalised, formatList } from './numbers';
import { unique } from '../quantity';
import { nameInSentence } from './inSentence';

/** Of whom a finding for someone not known speaks. */
const whom = (catalog: Catalog, { reason }: Finding): string => {
  switch (reason.code) {
    case 'age':
      return `children under ${ageWords(reason.belowMonths)}`;
    case 'life-stage':
    case 'life-stage-not-known':
      return 'pregnancy and breastfeeding';
    case 'condition':
      return conditionWords(reason.condition);
    case 'allergy':
      return `an allergy to ${allergyWords(catalog, reason.to)}`;
    default:
      return '';
  }
};

/** What is good to know, in few sentences: what is alike is together. */
export const noteWords = (catalog: Catalog, findings: readonly Finding[]): string[] => {
  const notes = findings.filter(({ verdict }) => verdict === 'note');
  const anyone = notes.filter(({ forAnyone }) => forAnyone);
  const undated = notes.filter(({ reason }) => reason.code === 'oil-age-not-known');
  const others = notes.filter(
    (entry) =>
      !anyone.includes(entry) && !undated.includes(entry) && entry.reason.code !== 'not-asked',
  );
  const warned = unique(anyone.map((entry) => whom(catalog, entry)).filter(Boolean));
  const names = unique(undated.map(({ subject }) => nameInSentence(catalog, subject)));
  return [
    ...unique(others.map((entry) => findingMessage(catalog, entry))),
    ...(warned.length > 0 ? [`The label warns about: ${formatList(warned)}.`] : []),
    ...(names.length > 0
      ? [
          `${capitalised(formatList(names))} oxidise${names.length === 1 ? 's' : ''} quickly, and no bottle is on the shelf: check when ${names.length === 1 ? 'it was' : 'they were'} opened.`,
        ]
      : []),
  ];
};
