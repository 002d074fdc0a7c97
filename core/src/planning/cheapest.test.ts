import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { cheapest, type Size } from './cheapest';

const bought = (short: number, sizes: readonly Size[]) =>
  cheapest(short, sizes).map(({ size: { amount }, count }) => [amount, count]);

describe('by hand', () => {
  test('134.98 ml: two of 100 at 9 are cheaper than one of 250 at 19', () => {
    expect(
      bought(134.98, [
        { amount: 100, price: 9 },
        { amount: 250, price: 19 },
      ]),
    ).toEqual([[100, 2]]);
    expect(
      bought(205, [
        { amount: 100, price: 9 },
        { amount: 250, price: 19 },
      ]),
    ).toEqual([[250, 1]]);
  });

  test('of equally cheap ones the least left over', () => {
    // 30 at 15 and three of 10 at 5 each cost the same for 25; so do two of 10 and ... 30 alone leaves 5.
    expect(
      bought(40, [
        { amount: 10, price: 5 },
        { amount: 30, price: 15 },
      ]),
    ).toEqual([
      ...[
        [30, 1],
        [10, 1],
      ],
    ]);
  });

  test('where a price is not known, the least left over counts alone', () => {
    expect(
      bought(12, [
        { amount: 30, price: 1 },
        { amount: 5, price: null },
      ]),
    ).toEqual([[5, 3]]);
  });

  test('what takes far more than a purchase is bought in the largest', () => {
    expect(bought(5e6, [{ amount: 10, price: 1 }])).toEqual([[10, 500_000]]);
  });
});

test('it is the cheapest, and of those the one with least over, by trying all', () => {
  const size = fc.record({
    amount: fc.constantFrom(5, 10, 15, 30, 50, 100),
    price: fc.integer({ min: 1, max: 30 }),
  });
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 140 }),
      fc.uniqueArray(size, { minLength: 1, maxLength: 4, selector: ({ amount }) => amount }),
      (short, sizes) => {
        const ours = cheapest(short, sizes);
        const amount = ours.reduce((sum, { size: s, count }) => sum + s.amount * count, 0);
        const cost = ours.reduce((sum, { size: s, count }) => sum + s.price * count, 0);
        expect(amount).toBeGreaterThanOrEqual(short);
        const best = { cost: Infinity, over: Infinity };
        const all = (n: number, got: number, paid: number): void => {
          if (got >= short) {
            const over = got - short;
            if (paid < best.cost || (paid === best.cost && over < best.over)) {
              Object.assign(best, { cost: paid, over });
            }
            return;
          }
          const next = sizes[n];
          if (!next) return;
          for (let count = 0; count * next.amount < short + next.amount; count += 1) {
            all(n + 1, got + count * next.amount, paid + count * next.price);
          }
        };
        all(0, 0, 0);
        expect([cost, amount - short]).toEqual([best.cost, best.over]);
      },
    ),
    { numRuns: 150 },
  );
});
