import type { Oil } from './schema';

/** What no one has said of an oil is to be minded, never quietly fine. */
export const nothingSaid = {
  phototoxicLimitPercent: null,
  keepOffSkin: false,
  notForHomeBlending: null,
  age: [],
  pregnancy: 'caution',
  breastfeeding: 'caution',
  conditions: [],
  odourStrength: 3,
  allergens: [],
} as const satisfies Partial<Oil>;
