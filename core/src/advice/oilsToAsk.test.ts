import { expect, test } from 'vitest';
import { shippedCatalog } from '../catalog';
import { healthyAdult } from '../brief/wearer.testing';
import { recipeFrom } from '../recipe/recipe.testing';
import { oilsToAsk } from './oilsToAsk';

const on = (
  wearer: Partial<typeof healthyAdult>,
  place: 'pulse-points' | 'face' = 'pulse-points',
) =>
  recipeFrom({
    container: { id: 'roll-on-10' },
    bases: [{ id: 'jojoba', parts: 1 }],
    brief: { wearer: { ...healthyAdult, ...wearer }, place },
  });
const asked = (name: string, recipe: Parameters<typeof oilsToAsk>[1] = on({})): string[] =>
  oilsToAsk(shippedCatalog, recipe, name).map(({ id }) => id);

test('a name whose meanings have limits of their own is asked', () => {
  // Pressed it burns skin in sun above 0.4 %; without furanocoumarins it does not.
  expect(asked('bergamot')).toEqual(expect.arrayContaining(['bergamot', 'bergamot-fcf']));
  // Bark 0.07 %, leaf 0.6 %.
  expect(asked('Cinnamon')).toEqual(expect.arrayContaining(['cinnamon-bark', 'cinnamon-leaf']));
  expect(asked('basil', null)).toContain('basil-estragole');
});

test('a name of one oil is not', () => {
  expect(asked('frankincense carterii')).toEqual([]);
  expect(asked('peppermint')).toEqual([]);
  expect(asked('no such oil')).toEqual([]);
});

test('lavender is lavender for a healthy adult, and asked for a small child', () => {
  expect(asked('lavender')).toEqual([]);
  // Spike lavender holds camphor and cineole.
  expect(asked('lavender', on({ ageMonths: 30 }, 'face'))).toContain('lavender-spike');
});
