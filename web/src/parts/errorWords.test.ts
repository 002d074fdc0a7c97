import { expect, test } from 'vitest';
import { errorWords } from './errorWords';

test.each([
  [new DOMException('x', 'QuotaExceededError'), 'the disk is full'],
  [new DOMException('x', 'DatabaseClosedError'), /data were closed; load the page again/],
  [new Error('this batch was deleted'), 'this batch was deleted'],
  ['thrown as text', 'thrown as text'],
  [null, 'null'],
])('%o is told in words', (error, words) => {
  expect(errorWords(error)).toMatch(words);
});
