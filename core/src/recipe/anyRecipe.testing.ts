import fc from 'fast-check';
import { shippedCatalog, usualContainers } from '../catalog';
import type { Recipe } from './recipe';
import { recipeFrom, type ShortBase, type ShortOil } from './recipe.testing';

const { bases, oils } = shippedCatalog;

const size = fc.oneof(
  fc.double({ min: 0.01, max: 500, noNaN: true }),
  fc.integer({ min: 1, max: 100 }),
);

const baseEntry = fc
  .tuple(fc.constantFrom(...bases), fc.constantFrom('parts', 'percent', 'ml', 'g'), size)
  .map(([{ id }, measure, value]): ShortBase => ({
    id,
    [measure]: measure === 'percent' ? Math.min(100, value) : value,
  }));

const oilEntry = fc
  .tuple(fc.constantFrom(...oils), fc.constantFrom('drops', 'ml', 'parts', 'percent'), size)
  .map(([{ id }, measure, value]): ShortOil => ({
    id,
    [measure]:
      measure === 'drops' ? Math.ceil(value / 20) : measure === 'parts' ? value : value / 40,
  }));

const container = fc.constantFrom(...usualContainers).map(({ id }) => ({ id }));

/** Recipes of any shape: every container, base, measure and way of mixing, sensible or not. */
export const anyRecipe: fc.Arbitrary<Recipe> = fc
  .record({
    container,
    count: fc.integer({ min: 1, max: 12 }),
    by: fc.constantFrom('volume' as const, 'weight' as const),
    bases: fc.uniqueArray(baseEntry, { minLength: 1, maxLength: 5, selector: ({ id }) => id }),
    oils: fc.uniqueArray(oilEntry, { maxLength: 4, selector: ({ id }) => id }),
    target: fc.double({ min: 0.1, max: 20, noNaN: true }).map((percent) => ({ percent })),
    more: fc.array(fc.record({ container, count: fc.integer({ min: 1, max: 5 }) }), {
      maxLength: 2,
    }),
    lossPercent: fc.integer({ min: 0, max: 50 }),
    whipPercent: fc.option(fc.integer({ min: 10, max: 200 }), { nil: null }),
    mixedInOne: fc.boolean(),
  })
  .map((short) => recipeFrom({ ...short, brief: { wearer: 'anyone', place: 'body-leave-on' } }));
