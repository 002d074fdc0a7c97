import { expect, test } from 'vitest';
import type { Movement } from '../stock';
import { movementWords } from './movements';

const cases: [Movement, string][] = [
  [{ kind: 'used', batchId: 'b', batchNumber: '2026-001', amount: 0.3521 }, '0.352 ml used'],
  [{ kind: 'spilled', amount: 2, why: ' the cat ' }, '2 ml spilled: the cat'],
  [{ kind: 'given-away', amount: 1.5, why: '' }, '1.5 ml given away'],
  [
    { kind: 'counted', found: 4, reckoned: 5.2, why: 'a leak' },
    'Recounted: 4 ml found, 5.2 ml expected: a leak',
  ],
];

test.each(cases)('%o', (movement, words) => {
  expect(movementWords(movement, 'ml')).toBe(words);
});
