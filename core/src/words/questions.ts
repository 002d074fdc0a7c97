import { type Catalog } from '../catalog';
import type { OpenQuestion } from '../limits';
import { allergyWords, conditionWords } from './conditions';
import { capitalised, formatList } from './numbers';
import { nameInSentence } from './inSentence';

const either = (names: readonly string[]): string =>
  names.length < 3
    ? names.join(' or ')
    : `${names.slice(0, -1).join(', ')} or ${names.at(-1) ?? ''}`;

/** A question that matters for what is in a blend: `Blood thinners or aspirin allergy? (wintergreen)`. */
export const questionWords = (catalog: Catalog, { about, what, because }: OpenQuestion): string => {
  const names = formatList(because.map((id) => nameInSentence(catalog, id)));
  switch (about) {
    case 'stage':
      return `Pregnant or breastfeeding? (${names})`;
    case 'condition':
      return `${capitalised(either(what.map(conditionWords)))}? (${names})`;
    case 'allergy':
      return `Allergic to ${either(what.map((id) => allergyWords(catalog, id)))}? (${names})`;
  }
};

/** One of the answers to a question, as it is on a button. */
export const answerWords = (
  catalog: Catalog,
  { about }: Pick<OpenQuestion, 'about'>,
  id: string,
): string => {
  if (about === 'stage') return id;
  return about === 'condition' ? conditionWords(id) : allergyWords(catalog, id);
};
