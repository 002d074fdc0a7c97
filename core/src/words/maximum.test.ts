import { expect, test } from 'vitest';
import { maximumWords } from './maximum';

test.each([
  [0.8, 'stated', '0.8 %'],
  [0.5, 'assumed', '0.5 %, inferred from a related oil'],
  [null, 'none stated', 'no published maximum'],
  [null, 'light only', 'only the phototoxic limit'],
  [null, 'not known', 'not known'],
] as const)('%s, %s', (percent, status, words) => {
  expect(maximumWords({ percent, status })).toBe(words);
});
