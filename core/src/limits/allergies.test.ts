import { expect, test } from 'vitest';
import type { Wearer } from '../brief';
import { shippedCatalog } from '../catalog';
import { baseOf, oilOf } from '../catalog/known.testing';
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
  expect(allergyTo(baseOf('sweet_almond'), allergicTo('tree nut'), shippedCatalog)).toEqual({
    what: 'avoid',
    to: 'tree nut',
    by: 'family',
  });
  expect(allergyTo(baseOf('sweet_almond'), allergicTo('soy'), shippedCatalog)).toBeNull();
  expect(allergyTo(baseOf('jojoba'), allergicTo('tree nut'), shippedCatalog)).toBeNull();
});

test('an allergy to the very material does so too, whatever its family', () => {
  expect(allergyTo(baseOf('jojoba'), allergicTo('jojoba'), shippedCatalog)).toEqual({
    what: 'avoid',
    to: 'jojoba',
    by: 'itself',
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
  expect(allergyTo(both as never, allergicTo('soy', 'tree nut'), shippedCatalog)).toEqual({
    what: 'avoid',
    to: 'tree nut',
    by: 'family',
  });
  expect(allergyTo(both as never, allergicTo('soy'), shippedCatalog)).toEqual({
    what: 'caution',
    to: 'soy',
    by: 'family',
  });
});

test('where nobody is named, whoever is allergic may pick it up: a caution', () => {
  expect(allergyTo(baseOf('sweet_almond'), 'anyone', shippedCatalog)).toEqual({
    what: 'caution',
    to: 'tree nut',
    by: 'family',
  });
  expect(allergyTo(baseOf('sweet_almond'), null, shippedCatalog)).toEqual({
    what: 'caution',
    to: 'tree nut',
    by: 'family',
  });
  expect(allergyTo(baseOf('jojoba'), 'anyone', shippedCatalog)).toBeNull();
});

test('a near relative of the plant is a caution, a stranger is not', () => {
  const lavandin = oilOf('lavandin');
  expect(allergyTo(lavandin, allergicTo('lavender'), shippedCatalog)).toEqual({
    what: 'caution',
    to: 'lavender',
    by: 'relative',
  });
  expect(allergyTo(oilOf('cypress'), allergicTo('lavender'), shippedCatalog)).toBeNull();
});

test('an allergy to a plant family meets all oils of it, and no refined carrier', () => {
  expect(allergyTo(oilOf('peppermint'), allergicTo('mint family'), shippedCatalog)?.what).toBe(
    'avoid',
  );
  expect(allergyTo(oilOf('peppermint'), allergicTo('Lamiaceae'), shippedCatalog)?.what).toBe(
    'avoid',
  );
  expect(allergyTo(oilOf('blood-orange'), allergicTo('citrus family'), shippedCatalog)?.what).toBe(
    'avoid',
  );
  expect(
    allergyTo(baseOf('sunflower_high_oleic'), allergicTo('daisy family'), shippedCatalog)?.what,
  ).toBeUndefined();
});

test('peanut is a family of its own, neither a nut nor every pea', () => {
  expect(allergyTo(baseOf('peanut_oil'), allergicTo('peanut'), shippedCatalog)?.what).toBe('avoid');
  expect(allergyTo(baseOf('sweet_almond'), allergicTo('peanut'), shippedCatalog)).toBeNull();
  expect(allergyTo(oilOf('copaiba'), allergicTo('peanuts'), shippedCatalog)).toBeNull();
});

test.each([
  // Cinnamaldehyde, 0.1 % of the oil and more.
  ['fragrance mix I', 'cinnamon-bark', 'caution'],
  ['fragrance mix II', 'lemongrass', 'caution'],
  ['linalool', 'lavender', 'caution'],
  ['limonene hydroperoxides', 'lemon', 'caution'],
  ['balsam of Peru', 'peru-balsam', 'avoid'],
  ['balsam of Peru', 'clove-bud', 'caution'],
  ['tea tree, oxidised', 'tea-tree', 'avoid'],
])('a patch test to %s says %s: %s', (name, id, what) => {
  expect(allergyTo(oilOf(id), allergicTo(name), shippedCatalog)?.what).toBe(what);
});

test('colophony meets the pine family; propolis beeswax; lanolin itself', () => {
  expect(allergyTo(oilOf('pine-scots'), allergicTo('colophony'), shippedCatalog)?.what).toBe(
    'caution',
  );
  expect(allergyTo(baseOf('beeswax_yellow'), allergicTo('propolis'), shippedCatalog)?.what).toBe(
    'caution',
  );
  expect(allergyTo(baseOf('lanolin'), allergicTo('wool alcohols'), shippedCatalog)?.what).toBe(
    'avoid',
  );
});

test('one nut speaks for all nuts, by its material or by its name', () => {
  for (const nut of ['hazelnut', 'macadamia', 'Hazelnuts', 'allergic to macadamia nuts']) {
    expect(allergyTo(baseOf('sweet_almond'), allergicTo(nut), shippedCatalog)?.what).toBe('avoid');
    expect(allergyTo(baseOf('jojoba'), allergicTo(nut), shippedCatalog)).toBeNull();
  }
  // An allergy to shea or coconut is to that alone.
  expect(
    allergyTo(baseOf('sweet_almond'), allergicTo('coconut_virgin'), shippedCatalog),
  ).toBeNull();
});
