import { expect, test } from 'vitest';
import { rewrittenWords } from './rewritten';

const strength = (percent: number) => {
  const range = { low: percent, likely: percent, high: percent };
  return { strength: { byVolume: range, byWeight: range } };
};

test.each([
  [3, undefined, 'The same drops of each: 1.6 %, where 3 % is asked for.'],
  [1.6, undefined, 'The same drops of each: 1.6 %, as asked for.'],
  [1, 2, 'The same drops of each: 1.6 %, as asked for.'],
  [2, 3, 'The same drops of each: 1.6 %, where 2 % to 3 % is asked for.'],
])('a target of %s to %s and 1.6 %%', (percent, upTo, words) => {
  const target = { percent, ...(upTo === undefined ? {} : { upTo }) };
  expect(rewrittenWords('the same drops of each', strength(1.6), { by: 'volume', target })).toBe(
    words,
  );
});

test('where nothing is asked for, only what it is', () => {
  expect(rewrittenWords('by percent', strength(2), { by: 'weight', target: null })).toBe(
    'By percent: 2 % by weight.',
  );
});
