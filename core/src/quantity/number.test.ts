import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { readDecimal } from './number';

const value = (text: string) => {
  const found = readDecimal(text);
  return found.ok ? found.value : found.code;
};

describe('a number is read in either custom', () => {
  test.each([
    ['3', 3],
    ['2.5', 2.5],
    ['2,5', 2.5],
    ['.5', 0.5],
    [',5', 0.5],
    ['5.', 5],
    ['-1', -1],
    ['1,000,000', 1_000_000],
    ['1.000.000', 1_000_000],
    ['10,000.5', 10_000.5],
    ['10.000,5', 10_000.5],
    ['10 000', 10_000],
    ["10'000", 10_000],
    ['0,125', 0.125],
    ['0.867', 0.867],
    ['1234,567', 1234.567],
    ['1.25', 1.25],
    ['12,3456', 12.3456],
  ])('%s', (text, expected) => {
    expect(value(text)).toBe(expected);
  });

  test.each([
    ['1,000', [1000, 1]],
    ['10,000', [10_000, 10]],
    ['1.000', [1000, 1]],
    ['12.345', [12_345, 12.345]],
    ['-1,000', [-1000, -1]],
  ])('%s can be read two ways', (text, readings) => {
    expect(readDecimal(text)).toEqual({ ok: false, code: 'two-ways', readings });
  });

  test.each([
    '',
    '.',
    'two',
    '1,2,3',
    '1,00,000',
    '1.2.3',
    '1,000,00',
    '1e3',
    '2.5 to 3',
    '1,000.',
    '--1',
  ])('“%s” is no number', (text) => {
    expect(value(text)).toBe('no-number');
  });
});

test('a number written with groups of thousands is that number, in both customs', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1_000_000, max: 1e12 }),
      fc.integer({ min: 1, max: 99 }),
      (n, cents) => {
        const groups = String(n).replace(/\B(?=(\d{3})+$)/g, ',');
        const decimals = String(cents).padStart(2, '0');
        const expected = Number(`${n}.${decimals}`);
        expect(value(`${groups}.${decimals}`)).toBe(expected);
        expect(value(`${groups.replaceAll(',', '.')},${decimals}`)).toBe(expected);
      },
    ),
  );
});
