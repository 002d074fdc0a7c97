import { expect, test } from 'vitest';
import { checkVocabulary } from './knownWords';

const oil = { id: 'rosemary', conditions: [{ condition: 'epilepsy' }], allergens: [] };
const caution = { constituents: ['camphor'], conditions: ['epilepsy'] };

test('a library with a condition or a family that is misspelt judges nothing', () => {
  const check =
    (material: typeof oil, conditions: string[] = caution.conditions) =>
    () =>
      checkVocabulary({ materials: [material], cautions: [{ ...caution, conditions }] });
  expect(check(oil)).not.toThrow();
  expect(check({ ...oil, conditions: [{ condition: 'epilepsyy' }] })).toThrow(
    'rosemary: no condition “epilepsyy”',
  );
  expect(check({ ...oil, allergens: [{ family: 'tree nutt' }] as never })).toThrow(
    'rosemary: no allergy family “tree nutt”',
  );
  expect(check(oil, ['asthma', 'astma'])).toThrow('caution on camphor: no condition “astma”');
});
