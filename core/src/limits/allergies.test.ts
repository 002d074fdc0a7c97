import { expect, test } from 'vitest';
import type { Wearer } from '../brief';
import { baseOf } from '../catalog/known.testing';
import { allergyTo } from './allergies';

const allergicTo = (...allergies: string[]): Wearer => ({
  ageMonths: 324,
  pregnant: false,
  breastfeeding: false,
  conditions: [],
  allergies,
  skin: 'normal',
});

test('an allergy to the family of a material keeps it away', () => {
  expect(allergyTo(baseOf('sweet_almond'), allergicTo('tree nut'))).toEqual({
    what: 'avoid',
    to: 'tree nut',
  });
  expect(allergyTo(baseOf('sweet_almond'), allergicTo('soy'))).toBeNull();
  expect(allergyTo(baseOf('jojoba'), allergicTo('tree nut'))).toBeNull();
});

test('an allergy to the very material does so too, whatever its family', () => {
  expect(allergyTo(baseOf('jojoba'), allergicTo('jojoba'))).toEqual({
    what: 'avoid',
    to: 'jojoba',
  });
});

test('of several families the worst counts', () => {
  const both = {
    id: 'mixed',
    allergens: [
      { family: 'soy', what: 'mind' as const },
      { family: 'tree nut', what: 'avoid' as const },
    ],
  };
  expect(allergyTo(both as never, allergicTo('soy', 'tree nut'))).toEqual({
    what: 'avoid',
    to: 'tree nut',
  });
  expect(allergyTo(both as never, allergicTo('soy'))).toEqual({ what: 'mind', to: 'soy' });
});

test('where nobody is named, whoever is allergic may pick it up: it is minded', () => {
  expect(allergyTo(baseOf('sweet_almond'), 'anyone')).toEqual({ what: 'mind', to: 'tree nut' });
  expect(allergyTo(baseOf('sweet_almond'), null)).toEqual({ what: 'mind', to: 'tree nut' });
  expect(allergyTo(baseOf('jojoba'), 'anyone')).toBeNull();
});
