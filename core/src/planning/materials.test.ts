import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { inAll, supplyOf, type ShelfRow, type SoldSize } from './materials';

const row = (id: string, given: Partial<ShelfRow> = {}): ShelfRow => ({
  ...{ id, material: 'lavender', unit: 'ml', amount: 2, opened: null, bestBefore: null },
  ...{ price: 6, size: 10, dropMl: null, ...given },
});
const sold = (amount: number, price: number | null): SoldSize => ({ unit: 'ml', amount, price });
const need = { id: 'lavender', drops: 100, ml: 5, g: 4.415 };

describe('from the shelf', () => {
  const taken = (rows: readonly ShelfRow[]) =>
    supplyOf(need, rows, [], '2026-12-19').fromShelf.map(({ row: { id }, amount }) => [
      id,
      Number(amount.toFixed(9)),
    ]);

  test('open bottles first, then the sooner date, then the smaller rest', () => {
    expect(
      taken([
        row('closed', { bestBefore: '2026-12-31' }),
        row('later', { opened: '2026-01-01', bestBefore: '2027-06-01' }),
        row('sooner', { opened: '2026-01-01', bestBefore: '2027-01-01' }),
        row('smaller', { opened: '2026-01-01', bestBefore: '2027-01-01', amount: 0.5 }),
      ]),
    ).toEqual([
      ['smaller', 0.5],
      ['sooner', 2],
      ['later', 2],
      ['closed', 0.5],
    ]);
  });

  test('one that is past its date by then is not used, and that is said', () => {
    const past = row('past', { bestBefore: '2026-12-18', amount: 100 });
    const supply = supplyOf(need, [past], [sold(10, 6.5)], '2026-12-19');
    expect(supply.fromShelf).toEqual([]);
    expect(supply.past).toEqual([past]);
    // On the very day it may be.
    expect(taken([{ ...past, bestBefore: '2026-12-19' }])).toEqual([['past', 5]]);
  });

  test('a bottle in g is compared through density', () => {
    const inG = row('g', { unit: 'g', amount: 8.83, size: 8.83, price: 10 });
    const supply = supplyOf(need, [inG], [], '2026-12-19');
    expect(supply.fromShelf[0]?.amount).toBeCloseTo(4.415, 9);
    // Half of it, of 10.
    expect(supply.usedCost).toBeCloseTo(5, 9);
  });
});

describe('what it costs', () => {
  test('by hand: 2 of 10 ml at 6 from the shelf, 3 of 10 ml at 6.50 bought', () => {
    const supply = supplyOf(need, [row('a')], [sold(10, 6.5), sold(30, 15)], '2026-12-19');
    expect(supply.buy).toEqual([{ size: sold(10, 6.5), count: 1 }]);
    expect(supply.over).toEqual({ unit: 'ml', amount: expect.closeTo(7, 9) as number });
    expect(supply.buyCost).toBe(6.5);
    expect(supply.usedCost).toBeCloseTo(1.2 + 1.95, 9);
  });

  test('unknown is never nought', () => {
    const unknown = { ...row('a'), price: null };
    expect(supplyOf(need, [unknown], [sold(10, 6.5)], '2026-12-19').usedCost).toBeNull();
    expect(supplyOf(need, [], [sold(10, null)], '2026-12-19').buyCost).toBeNull();
    const nowhere = supplyOf(need, [], [], '2026-12-19');
    expect(nowhere).toMatchObject({ nowhereMl: 5, buyCost: null, usedCost: null });
  });
});

test('whatever is there: all that is needed comes from somewhere, and no bottle gives more than it has', () => {
  const rows = fc
    .array(
      fc.record({
        amount: fc.double({ min: 0, max: 4, noNaN: true }),
        unit: fc.constantFrom('ml' as const, 'g' as const),
        opened: fc.constantFrom(null, '2026-01-01'),
        bestBefore: fc.constantFrom(null, '2026-12-01', '2027-02-01'),
      }),
      { maxLength: 6 },
    )
    .map((list) => list.map((entry, n) => row(`b${n}`, entry)));
  fc.assert(
    fc.property(rows, fc.boolean(), (shelf, isSold) => {
      const supply = supplyOf(need, shelf, isSold ? [sold(3, 2), sold(10, 6)] : [], '2026-12-19');
      const share = (unit: 'ml' | 'g', amount: number) => amount / (unit === 'ml' ? 5 : 4.415);
      const taken = supply.fromShelf.reduce((sum, { row: r, amount }) => {
        expect(amount).toBeLessThanOrEqual(r.amount);
        return sum + share(r.unit, amount);
      }, 0);
      const bought = supply.buy.reduce((sum, { size, count }) => sum + size.amount * count, 0);
      const over = supply.over?.amount ?? 0;
      expect(taken * 5 + bought - over + supply.nowhereMl).toBeCloseTo(5, 6);
    }),
    { numRuns: 200 },
  );
});

test('needs of several batches are one; what is not counted in one is counted in none', () => {
  expect(
    inAll([
      { id: 'a', drops: 3, ml: 1, g: 2 },
      { id: 'b', drops: 1, ml: 1, g: 1 },
      { id: 'a', drops: null, ml: 2, g: 3 },
    ]),
  ).toEqual([
    { id: 'a', drops: null, ml: 3, g: 5 },
    { id: 'b', drops: 1, ml: 1, g: 1 },
  ]);
});
