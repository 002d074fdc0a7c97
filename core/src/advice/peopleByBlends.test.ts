import { expect, test } from 'vitest';
import { shippedCatalog as catalog } from '../catalog';
import { forBody } from '../drops/worked.testing';
import { blendOnPeople } from './peopleByBlends';

const adult = {
  ageMonths: 480,
  pregnant: false,
  breastfeeding: false,
  conditions: [],
  allergies: [],
  skin: 'normal' as const,
};

test('one bottle is one thing on one person and another on the next', () => {
  const recipe = forBody({ oils: [{ id: 'lavender', drops: 1 }] });
  expect(blendOnPeople(catalog, recipe, [adult, { ...adult, allergies: ['lavender'] }]).on).toEqual(
    [
      { verdict: 'within', blocking: false },
      { verdict: 'over', blocking: true },
    ],
  );
});

test('a blend that is not finished is nothing on anybody', () => {
  expect(blendOnPeople(catalog, forBody({ brief: { place: null } }), [adult]).on).toBeNull();
});
