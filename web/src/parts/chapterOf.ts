import type { RuleId } from '@jubbet/core/limits';

/** The chapter of the handbook that speaks of a rule. */
export const chapterOf = (rule: RuleId): string =>
  ({
    'whole-blend': 'dilution',
    'oil-maximum': 'oils',
    'light-sum': 'light',
    constituent: 'constituents',
    age: 'children',
    'life-stage': 'pregnancy',
    condition: 'conditions',
    allergy: 'conditions',
    place: 'bath',
    kind: 'bath',
    'oil-age': 'storage',
    'never-on-skin': 'oils',
    'not-known': 'oils',
    sale: 'label-law',
  })[rule];
