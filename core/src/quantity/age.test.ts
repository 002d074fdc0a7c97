import fc from 'fast-check';
import { expect, test } from 'vitest';
import { readAge } from './age';

const months = (text: string) => {
  const read = readAge(text);
  return read.ok ? read.months : null;
};

test.each([
  ['41', 492],
  ['0', 0],
  ['7 months', 7],
  ['18 mo', 18],
  ['18 mo.', 18],
  // Six weeks are 42 of 30.4 days: one full month.
  ['6 weeks', 1],
  ['3 weeks', 0],
  ['2 1/2', 30],
  ['2½', 30],
  ['2.5', 30],
  ['2,5 years', 30],
  ['2 and a half years', 30],
  ['8 years', 96],
  ['8y', 96],
  ['1 year 3 months', 15],
  ['1 year, 3 months', 15],
  ['1 yr and 3 mo', 15],
  ['8 years old', 96],
])('“%s” is %s months', (text, expected) => {
  expect(months(text)).toBe(expected);
});

test.each([
  '',
  'seven',
  '7 moons',
  'months',
  '-3',
  '7 months 2 years',
  '7 7',
  '200',
  '1/0',
  '3 to 5',
  'about 8',
])('of “%s” no age is kept', (text) => {
  expect(months(text)).toBeNull();
});

test('whatever is typed gives an age that there is, or none', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 20 }), (text) => {
      const read = months(text);
      if (read !== null) {
        expect(read).toBeGreaterThanOrEqual(0);
        expect(read).toBeLessThanOrEqual(1500);
        expect(Number.isInteger(read)).toBe(true);
      }
    }),
    { numRuns: 3000 },
  );
});
