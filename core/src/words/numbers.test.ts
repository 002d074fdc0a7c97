import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { exactly } from '../quantity';
import { countedWords, formatList, formatNumber, formatRange } from './numbers';

describe('a number on screen', () => {
  test.each([
    [0.5, '0.5'],
    [5, '5'],
    [5.0, '5'],
    [0.285, '0.29'],
    [28.5, '29'],
    [1000, '1000'],
    [0, '0'],
    [0.0000001, '0'],
    [99.97, '100'],
    [NaN, 'not known'],
  ])('%s is written %s', (value, text) => {
    expect(formatNumber(value)).toBe(text);
  });

  test('never has an exponent, a naked point or a trailing nought after one', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1e9, noNaN: true }), (value) => {
        const text = formatNumber(value, 3);
        expect(text).toMatch(/^\d+(\.\d*[1-9])?$/);
      }),
    );
  });

  test('a range that reads alike at both ends is one figure', () => {
    expect(formatRange({ low: 2.2, likely: 2.9, high: 3.7 }, '%')).toBe('2.2 to 3.7 %');
    expect(formatRange(exactly(3), '%')).toBe('3 %');
    expect(formatRange({ low: 3.001, likely: 3.002, high: 3.003 }, '%')).toBe('3 %');
  });

  test('a list reads as it is spoken', () => {
    expect(formatList([])).toBe('');
    expect(formatList(['a'])).toBe('a');
    expect(formatList(['a', 'b', 'c'])).toBe('a, b and c');
  });
});

test('one is one, and several are said as English has them', () => {
  expect(countedWords(1, 'blend')).toBe('1 blend');
  expect(countedWords(0, 'blend')).toBe('0 blends');
  expect(countedWords(2, 'batch')).toBe('2 batches');
  expect(countedWords(12, 'box')).toBe('12 boxes');
  expect(countedWords(1, 'person')).toBe('1 person');
  expect(countedWords(1234, 'person')).toBe('1234 people');
});
