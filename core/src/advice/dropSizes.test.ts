import { expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import { workOut } from '../drops';
import { recipeFrom } from '../recipe/recipe.testing';
import { inDropSizes } from './dropSizes';

const sizesOf = (oils: Parameters<typeof recipeFrom>[0]['oils']) => {
  const worked = workOut(
    shippedCatalog,
    recipeFrom({
      brief: { wearer: 'anyone', place: 'pulse-points' },
      container: { id: 'roll-on-10' },
      oils: oils ?? [],
      bases: [{ id: 'jojoba', parts: 1 }],
    }),
  );
  if (worked.state !== 'done') throw new Error(worked.state);
  return inDropSizes(worked.blend, worked.evaluation.mixture).map(
    ({ perMl, percent }) => `${perMl}: ${percent.toFixed(1)}`,
  );
};

test('eight drops in 9.5 ml are called 4.2, 3.4, 2.8 or 2.4 %', () => {
  // 8 / 20 = 0.4 ml; 8 / 25 = 0.32; 8 / 30 = 0.267; 8 / 35 = 0.229: of 9.5 ml.
  expect(sizesOf([{ id: 'lavender', drops: 8 }])).toEqual([
    '17: 5.0',
    '20: 4.2',
    '25: 3.4',
    '30: 2.8',
    '35: 2.4',
  ]);
});

test('measured drops and what is measured in ml say the same in every size', () => {
  const drop = { low: 0.04, likely: 0.04, high: 0.04 };
  expect(sizesOf([{ id: 'lavender', drops: 8, dropMl: drop }])).toEqual([]);
  expect(sizesOf([{ id: 'lavender', ml: 0.4 }])).toEqual([]);
  // 0.19 ml by ml, and 4 drops of 0.05 ml.
  expect(
    sizesOf([
      { id: 'lavender', ml: 0.19 },
      { id: 'cypress', drops: 4 },
    ])[1],
  ).toBe('20: 4.1');
});
