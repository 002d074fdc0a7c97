import { expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import type { Recipe } from '../recipe';
import { recipeFrom } from '../recipe/recipe.testing';
import { equalDrops } from './equalDrops';
import { workOut } from './workOut';

const evaluated = (recipe: Recipe) => {
  const worked = workOut(shippedCatalog, recipe);
  if (worked.state !== 'done') throw new Error('not worked out');
  return worked.evaluation;
};

/** Three oils by parts in 9.5 ml: one drop of each is 0.15 ml, 1.58 %. */
const three = (target: { percent: number; upTo?: number }) => ({
  ...recipeFrom({
    brief: { wearer: 'anyone', place: 'pulse-points' },
    bases: [{ id: 'jojoba', parts: 1 }],
    oils: [
      { id: 'lavender', parts: 5 },
      { id: 'frankincense', parts: 2 },
      { id: 'cedarwood-atlas', parts: 1 },
    ],
  }),
  target,
});

const dropsOf = (recipe: Recipe) =>
  recipe.oils.map(({ amount }) => (amount?.unit === 'drops' ? amount.value : null));

test('the same drops of each come as near to the target as whole drops do', () => {
  // 3 % of 9.5 ml is 0.285 ml: two of each are 0.3 ml, 3.16 %, and past the 2 % that anyone may have.
  const next = equalDrops(shippedCatalog)(three({ percent: 3 }));
  expect(dropsOf(next)).toEqual([1, 1, 1]);
  expect(next.target).toEqual({ percent: 3 });
  expect(evaluated(next).verdict).not.toBe('over');
});

test('of a target that is a range the one inside it is taken', () => {
  const range = { percent: 1, upTo: 2 };
  const next = equalDrops(shippedCatalog)(three(range));
  expect(dropsOf(next)).toEqual([1, 1, 1]);
});
