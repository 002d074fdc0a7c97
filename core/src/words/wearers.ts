import type { WearerChange } from '../batch';
import { ageWords } from './brief';

/** What has changed of someone, in a few words. */
export const wearerChangeWords = (change: WearerChange): string => {
  switch (change.code) {
    case 'age':
      return `${ageWords(change.months)} old, ${ageWords(change.beforeMonths)} then`;
    case 'pregnant':
    case 'breastfeeding':
      return `${change.is ? 'now' : 'no longer'} ${change.code}`;
    case 'skin':
      return `${change.skin} skin, ${change.before} then`;
    case 'condition':
      return `${change.is ? 'now' : 'no longer'}: ${change.what}`;
    case 'allergy':
      return `${change.is ? 'now' : 'no longer'}: ${change.what} (allergy)`;
  }
};

const usualNames = {
  anyone: 'Anyone',
  'child-of-2': 'A child of two',
  'child-of-8': 'A child of eight',
  pregnant: 'Someone pregnant',
  breastfeeding: 'Someone breastfeeding',
  'of-70': 'Someone of seventy',
} as const;

/** Those whom every house should think of, by name. */
export const usualWearerName = (id: keyof typeof usualNames): string => usualNames[id];
