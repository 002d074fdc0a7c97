import { describe, expect, test } from 'vitest';
import type { Evaluation } from '../drops';
import { balmInJars, madeOut, workedOut } from '../drops/worked.testing';
import { enoughFor, timesFromShelf } from './enough';

const counted = madeOut({
  container: { id: 'dropper-10' },
  oils: [
    { id: 'lavender', drops: 2 },
    { id: 'petitgrain', drops: 1 },
  ],
}).evaluation;

const balm = workedOut(balmInJars).evaluation;

const grams = ({ mixture }: Evaluation) => mixture.bases.map(({ g }) => g.likely);

describe('what the shelf is enough for', () => {
  test('what runs out first is told with how far it goes', () => {
    const stock = new Map([
      ['lavender', { ml: 0.6, g: 0 }],
      ['jojoba', { ml: 100, g: 0 }],
    ]);
    // 2 drops are 0.1 ml: six times. 9.05 ml of jojoba: eleven times.
    const [first, second] = enoughFor(counted, 1, stock);
    expect(first).toMatchObject({ materialId: 'lavender', times: expect.closeTo(6) });
    expect(second?.materialId).toBe('jojoba');
  });

  test('what stands there by weight is told by weight', () => {
    // 12 g of beeswax in 100 g of balm: 36 g are enough for three of them.
    const evaluation = balm;
    const waxG = grams(evaluation)[0] ?? 0;
    const [wax] = enoughFor(evaluation, 1, new Map([['beeswax_yellow', { ml: 0, g: 3 * waxG }]]));
    expect(wax).toMatchObject({
      unit: 'g',
      needed: expect.closeTo(waxG),
      left: expect.closeTo(3 * waxG),
      times: expect.closeTo(3),
    });
    // A part of it in ml counts along: as much again, at 0.96 g a ml.
    const ml = evaluation.mixture.bases[0]?.ml.likely ?? 0;
    const [both] = enoughFor(
      evaluation,
      1,
      new Map([['beeswax_yellow', { ml: 2 * ml, g: 3 * waxG }]]),
    );
    expect(both).toMatchObject({ unit: 'g', times: expect.closeTo(5) });
  });
});

test('it can be made from the shelf only where all of it is there', () => {
  const stock = new Map([
    ['lavender', { ml: 0.6, g: 0 }],
    ['jojoba', { ml: 100, g: 0 }],
  ]);
  expect(timesFromShelf(counted, 1, stock)).toBeNull();
  // One drop of petitgrain, 0.05 ml, is there three times; lavender six.
  stock.set('petitgrain', { ml: 0.15, g: 0 });
  expect(timesFromShelf(counted, 1, stock)).toBeCloseTo(3, 9);
  stock.set('petitgrain', { ml: 0, g: 0 });
  expect(timesFromShelf(counted, 1, stock)).toBeNull();
});
