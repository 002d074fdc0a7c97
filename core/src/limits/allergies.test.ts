import { expect, test } from 'vitest';
import type { Wearer } from '../brief';
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
  expect(allergyTo(baseOf('sweet_almond'), allergicTo('tree nut'))).toEqual({
    what: 'avoid',
    to: 'tree nut',
    by: 'family',
  });
  expect(allergyTo(baseOf('sweet_almond'), allergicTo('soy'))).toBeNull();
  expect(allergyTo(baseOf('jojoba'), allergicTo('tree nut'))).toBeNull();
});

test('an allergy to the very material does so too, whatever its family', () => {
  expect(allergyTo(baseOf('jojoba'), allergicTo('jojoba'))).toEqual({
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
  expect(allergyTo(both as never, allergicTo('soy', 'tree nut'))).toEqual({
    what: 'avoid',
    to: 'tree nut',
    by: 'family',
  });
  expect(allergyTo(both as never, allergicTo('soy'))).toEqual({
    what: 'caution',
    to: 'soy',
    by: 'family',
  });
});

test('where nobody is named, whoever is allergic may pick it up: a caution', () => {
  expect(allergyTo(baseOf('sweet_almond'), 'anyone')).toEqual({
    what: 'caution',
    to: 'tree nut',
    by: 'family',
  });
  expect(allergyTo(baseOf('sweet_almond'), null)).toEqual({
    what: 'caution',
    to: 'tree nut',
    by: 'family',
  });
  expect(allergyTo(baseOf('jojoba'), 'anyone')).toBeNull();
});

test('a near relative of the plant is a caution, a stranger is not', () => {
  const lavandin = oilOf('lavandin');
  expect(allergyTo(lavandin, allergicTo('lavender'))).toEqual({
    what: 'caution',
    to: 'lavender',
    by: 'relative',
  });
  expect(allergyTo(oilOf('cypress'), allergicTo('lavender'))).toBeNull();
});

test('an allergy to a plant family meets all of it, refined carriers as a caution', () => {
  expect(allergyTo(oilOf('peppermint'), allergicTo('mint family'))?.what).toBe('avoid');
  expect(allergyTo(oilOf('peppermint'), allergicTo('Lamiaceae'))?.what).toBe('avoid');
  expect(allergyTo(oilOf('blood-orange'), allergicTo('citrus family'))?.what).toBe('avoid');
  expect(allergyTo(baseOf('sunflower_high_oleic'), allergicTo('daisy family'))?.what).toBe(
    'caution',
  );
});

test('peanut is a family of its own, neither a nut nor every pea', () => {
  expect(allergyTo(baseOf('peanut_oil'), allergicTo('peanut'))?.what).toBe('avoid');
  expect(allergyTo(baseOf('sweet_almond'), allergicTo('peanut'))).toBeNull();
  expect(allergyTo(oilOf('copaiba'), allergicTo('peanuts'))).toBeNull();
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
  expect(allergyTo(oilOf(id), allergicTo(name))?.what).toBe(what);
});

test('colophony meets the pine family; propolis beeswax; lanolin itself', () => {
  expect(allergyTo(oilOf('pine-scots'), allergicTo('colophony'))?.what).toBe('caution');
  expect(allergyTo(baseOf('beeswax_yellow'), allergicTo('propolis'))?.what).toBe('caution');
  expect(allergyTo(baseOf('lanolin'), allergicTo('wool alcohols'))?.what).toBe('avoid');
});
