import type { Wearer } from './index';

/** A healthy woman of 41, of whom nothing is to be heeded. */
export const healthyAdult: Wearer = {
  ageMonths: 492,
  pregnant: false,
  breastfeeding: false,
  conditions: [],
  allergies: [],
  skin: 'normal',
};
