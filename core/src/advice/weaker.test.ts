import { describe, expect, test } from 'vitest';
import type { Wearer } from '../brief';
import { healthyAdult } from '../brief/wearer.testing';
import { shippedCatalog } from '../catalog';
import { workOut, type Evaluation } from '../drops';
import { recipeFrom } from '../recipe/recipe.testing';
import type { Recipe } from '../recipe';
import { noStronger } from './weaker';

const worked = (recipe: Recipe): Evaluation => {
  const all = workOut(shippedCatalog, recipe);
  if (all.state !== 'done') throw new Error(all.state);
  return all.evaluation;
};

const rollOn = (wearer: Wearer, drops: Readonly<Record<string, number>>): Recipe =>
  recipeFrom({
    brief: { wearer, place: 'pulse-points' },
    bases: [{ id: 'jojoba', parts: 1 }],
    oils: Object.entries(drops).map(([id, count]) => ({ id, drops: count })),
  });

const weaker = (recipe: Recipe, percent: number): Recipe =>
  noStronger(shippedCatalog, recipe, worked(recipe), percent);

const dropsOf = (recipe: Recipe): Record<string, number | null> =>
  Object.fromEntries(
    worked(recipe).mixture.oils.map(({ drops }, n) => [recipe.oils[n]?.id ?? '', drops]),
  );

describe('drops that lie about a strength', () => {
  // In 9.5 ml a drop of 0.05 ml is 0.53 %: three come nearest to 1.5 %, and are 1.58 %, past it.
  test('for an adult there is one less', () => {
    expect(dropsOf(weaker(rollOn(healthyAdult, { lavender: 12 }), 1.5))).toEqual({ lavender: 2 });
  });
  test('for a child of nine as well', () => {
    const child = { ...healthyAdult, ageMonths: 110 };
    const recipe = weaker(rollOn(child, { lavender: 12 }), 1.5);
    expect(dropsOf(recipe)).toEqual({ lavender: 2 });
    expect(worked(recipe).verdict).toBe('within');
  });
  test('a single drop is not taken out: that is another blend', () => {
    // A toddler, at 0.5 %: one drop is 0.53 %.
    const toddler = { ...healthyAdult, ageMonths: 30, skin: 'sensitive' as const };
    const recipe = weaker(rollOn(toddler, { lavender: 12 }), 0.5);
    expect(dropsOf(recipe)).toEqual({ lavender: 1 });
  });
});

test('proportions stay, and what is weak enough stays as strong as it is', () => {
  const recipe = rollOn(healthyAdult, { lavender: 6, 'cedarwood-atlas': 3 });
  // 9 drops are 4.74 %; four are 2.105 %, five would be 2.63 %, past the half of it.
  const half = dropsOf(weaker(recipe, 2.37));
  expect((half['lavender'] ?? 0) + (half['cedarwood-atlas'] ?? 0)).toBeLessThanOrEqual(4);
  expect(half['lavender']).toBeGreaterThan(half['cedarwood-atlas'] ?? 0);
  expect(dropsOf(weaker(recipe, 20))).toEqual({ lavender: 6, 'cedarwood-atlas': 3 });
});

test('a strength is asked for in hundredths of a percent, and never rounded up', () => {
  const recipe = recipeFrom({
    brief: { wearer: healthyAdult, place: 'pulse-points' },
    bases: [{ id: 'jojoba', parts: 1 }],
    oils: [{ id: 'lavender', parts: 1 }],
    target: { percent: 6 },
  });
  const weakened = weaker(recipe, 2.345);
  expect(weakened.target).toEqual({ percent: 2.34 });
});
