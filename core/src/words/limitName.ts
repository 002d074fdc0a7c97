import { nameIn, type Catalog } from '../catalog';
import type { Finding } from '../limits';
import { guidelineWords } from './findingFigures';
import { capitalised } from './numbers';

/** What a limit is on: `Whole blend, this age`, `Cinnamon bark`, `Citral from all oils`. */
export const limitName = (
  catalog: Catalog,
  { rule, reason, subject }: Pick<Finding, 'rule' | 'reason' | 'subject'>,
): string => {
  if (reason.code === 'whole-blend') return `Whole blend, ${guidelineWords(reason.because)}`;
  if (rule === 'light-sum') return 'Phototoxic oils, combined';
  if (rule === 'constituent') return `${capitalised(subject)} from all oils`;
  return rule === 'sale' ? `${capitalised(subject)}, for sale` : nameIn(catalog, subject);
};
