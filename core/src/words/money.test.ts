import { expect, test } from 'vitest';
import { costWords, moneyWords } from './money';

test.each([
  [2.306, '£', '£2.31'],
  [2.306, 'EUR', '2.31 EUR'],
  [2.306, ' ', '2.31'],
  [0, '£', '£0.00'],
  [0.001, '£', 'under 0.01 £'],
])('%d in %s', (amount, currency, words) => {
  expect(moneyWords(amount, currency)).toBe(words);
});

test('what is not known of a cost is said, and never nought', () => {
  expect(costWords({ known: 2.31, unknown: [] }, '£')).toBe('£2.31');
  expect(costWords({ known: 1.2, unknown: ['jojoba'] }, '£')).toBe('at least £1.20');
  expect(costWords({ known: 0, unknown: ['jojoba'] }, '£')).toBe('not known');
});
