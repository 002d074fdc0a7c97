import { expect, test } from 'vitest';
import { madeSoFarWords } from './madeSoFar';

test('how often, when last, and how it was', () => {
  expect(madeSoFarWords({ times: 4, mark: 4.5 }, '12 Jun')).toBe(
    'made 4 times, last 12 Jun, 4.5 of 5',
  );
  expect(madeSoFarWords({ times: 2, mark: 4 }, '12 Jun')).toBe('made twice, last 12 Jun, 4 of 5');
  expect(madeSoFarWords({ times: 1, mark: null }, '12 Jun')).toBe('made once, 12 Jun');
});
