import { expect, test } from 'vitest';
import { moneyWords } from './money';

test.each([
  [2.306, '£', '£2.31'],
  [2.306, 'EUR', '2.31 EUR'],
  [2.306, ' ', '2.31'],
  [0, '£', '£0.00'],
  [0.001, '£', 'under 0.01 £'],
])('%d in %s', (amount, currency, words) => {
  expect(moneyWords(amount, currency)).toBe(words);
});
