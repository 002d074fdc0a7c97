import type { Wearer } from './wearer';

/** What came of a question: what was wanted, and what of it applies. */
export interface Answer {
  /** Ids of what was wanted about, whatever the answer was. */
  readonly asked: readonly string[];
  readonly conditions?: readonly string[];
  readonly allergies?: readonly string[];
  readonly stages?: readonly ('pregnant' | 'breastfeeding')[];
}

type Asked = Pick<Wearer, 'conditions' | 'allergies' | 'pregnant' | 'breastfeeding'>;

const added = (list: readonly string[], more: readonly string[] = []): string[] => [
  ...new Set([...list, ...more]),
];

/** Someone with what applies to them written down. */
export const withAnswer = <T extends Asked>(
  who: T,
  { conditions, allergies, stages = [] }: Answer,
): T => ({
  ...who,
  conditions: added(who.conditions, conditions),
  allergies: added(who.allergies, allergies),
  pregnant: who.pregnant || stages.includes('pregnant'),
  breastfeeding: who.breastfeeding || stages.includes('breastfeeding'),
});
