import fc from 'fast-check';
import { expect, test } from 'vitest';
import { costsOf, priceAtMargin, type Priced } from './cost';

const bottle = (price: number | null, size = 10) => ({ price, size, unit: 'ml' as const });

test('so much of a bottle costs its share of the whole', () => {
  // 0.5 of 10 ml for 8.00 are 0.40; 20 of 250 ml for 19.00 are 1.52.
  const cost = costsOf([
    { materialId: 'lavender', amount: 0.5, bottle: bottle(8) },
    { materialId: 'jojoba', amount: 20, bottle: bottle(19, 250) },
  ]);
  expect(cost.lines.map((line) => line.cost)).toEqual([0.4, 1.52]);
  expect(cost.known).toBeCloseTo(1.92, 9);
  expect(cost.unknown).toEqual([]);
});

test('what has no price, or no bottle, is not known and never nought', () => {
  const cost = costsOf([
    { materialId: 'lavender', amount: 0.5, bottle: bottle(null) },
    { materialId: 'neroli', amount: 0.5, bottle: null },
    { materialId: 'jojoba', amount: 5, bottle: bottle(10) },
  ]);
  expect(cost.unknown).toEqual(['lavender', 'neroli']);
  expect(cost.known).toBeCloseTo(5, 9);
});

test('of two bottles of one material one without a price makes it not known', () => {
  const both = (price: number | null) =>
    costsOf([
      { materialId: 'lavender', amount: 1, bottle: bottle(10) },
      { materialId: 'lavender', amount: 1, bottle: bottle(price) },
    ]).lines;
  expect(both(20)).toEqual([{ materialId: 'lavender', cost: 3 }]);
  expect(both(null)).toEqual([{ materialId: 'lavender', cost: null }]);
});

const anyTaken: fc.Arbitrary<Priced> = fc.record({
  materialId: fc.constantFrom('a', 'b', 'c'),
  amount: fc.double({ min: 0.01, max: 100, noNaN: true }),
  bottle: fc.record({
    price: fc.double({ min: 0, max: 500, noNaN: true }),
    size: fc.double({ min: 1, max: 1000, noNaN: true }),
    unit: fc.constantFrom('ml' as const, 'g' as const),
  }),
});

test('a batch costs the sum of its movements, in whatever order', () => {
  fc.assert(
    fc.property(fc.array(anyTaken, { maxLength: 30 }), (taken) => {
      const sum = taken.reduce(
        (total, { amount, bottle: from }) =>
          total + ((from?.price ?? 0) * amount) / (from?.size ?? 1),
        0,
      );
      expect(costsOf(taken).known).toBeCloseTo(sum, 6);
      expect(costsOf([...taken].reverse()).known).toBeCloseTo(sum, 6);
    }),
  );
});

test('at a margin of 60 % of the price, 2.00 of cost ask for 5.00', () => {
  expect(priceAtMargin(2, 60)).toBeCloseTo(5, 9);
  expect(priceAtMargin(2, 0)).toBe(2);
});
