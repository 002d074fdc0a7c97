import { describe, expect, test } from 'vitest';
import { shippedCatalog } from '../../catalog';
import { issuesOf } from './issues';
import type { ReadRecipe } from './reader';
import { readRecipes } from './readRecipes';
import { recipeTexts, type WantedRecipe } from './texts.testing';

/** A recipe in the form in which a text says what must come out. */
const asWanted = (recipe: ReadRecipe): WantedRecipe => ({
  ingredients: recipe.ingredients.map(({ candidates, amount, isFill }) => ({
    ids: [...candidates],
    value: amount?.value ?? null,
    unit: amount?.unit ?? null,
    isFill,
  })),
  container: recipe.container
    ? [
        recipe.container.kind,
        ...(recipe.container.size ? [recipe.container.size.value, recipe.container.size.unit] : []),
        ...(recipe.container.count > 1 ? [`x${recipe.container.count}`] : []),
      ].join(' ')
    : null,
  percent: recipe.target?.percent ?? null,
  issues: [...new Set(issuesOf(recipe, shippedCatalog).map(({ code }) => code))].sort(),
});

const sorted = (recipe: WantedRecipe): WantedRecipe => ({
  ...recipe,
  ingredients: recipe.ingredients
    .map((one) => ({ ...one, ids: [...one.ids].sort() }))
    .sort((a, b) => a.ids.join().localeCompare(b.ids.join())),
  issues: [...recipe.issues].sort(),
});

describe('what must come out of a text comes out of it', () => {
  test.each(recipeTexts)('$name', ({ text, recipes }) => {
    expect(readRecipes(text, shippedCatalog).map(asWanted).map(sorted)).toEqual(
      recipes.map(sorted),
    );
  });
});

test('there are at least sixty of them', () => {
  expect(recipeTexts.length).toBeGreaterThanOrEqual(60);
});
