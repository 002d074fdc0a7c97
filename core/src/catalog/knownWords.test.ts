import { expect, test } from 'vitest';
import { checkConditions, checkMaterials } from './knownWords';

test('a condition or a family that is misspelt does not load', () => {
  const oil = { id: 'rosemary', conditions: [{ condition: 'epilepsy' }], allergens: [] };
  expect(checkMaterials([oil])).toEqual([oil]);
  expect(() => checkMaterials([{ ...oil, conditions: [{ condition: 'epilepsyy' }] }])).toThrow(
    'rosemary: no condition “epilepsyy”',
  );
  expect(() => checkMaterials([{ ...oil, allergens: [{ family: 'tree nutt' }] }])).toThrow(
    'rosemary: no allergy family “tree nutt”',
  );
  expect(() => checkConditions('a caution', ['asthma', 'astma'])).toThrow('no condition “astma”');
});
