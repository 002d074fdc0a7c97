import type { Finding } from '../limits';

/** Where there is no one to whom a check applies. */
export const doesNotApply: Partial<Record<Finding['rule'], string>> = {
  age: 'Limits by age are for children: they don’t apply to an adult.',
  'life-stage':
    'Not pregnant and not breastfeeding, as far as it was said: not checked for either.',
  condition: 'No condition or medicine was given, so none was checked.',
  allergy: 'No allergy was given, so none was checked.',
};

/** Where a check found nothing. */
export const nothingFound: Readonly<Record<Finding['rule'], string>> = {
  'whole-blend': 'No limit for the whole blend applies.',
  'oil-maximum': 'No oil in it has a dermal maximum.',
  'light-sum': 'Nothing in it is phototoxic.',
  constituent: 'Nothing in it has a combined limit.',
  age: 'Nothing in it is restricted at this age.',
  'life-stage': 'Nothing in it is restricted in pregnancy or while breastfeeding.',
  condition: 'Nothing in it is restricted for the conditions given.',
  allergy: 'Nothing in it matches an allergy given.',
  'never-on-skin': 'Nothing in it is banned from skin.',
  place: 'This place has no further rules.',
  kind: 'This kind of product has no further rules.',
  'oil-age': 'No bottle of it on the shelf is past its date.',
  sale: 'Nothing in it is restricted by the EU cosmetics rules held here.',
  'not-known': 'No figure is missing.',
};
