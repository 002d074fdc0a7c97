import { describe, expect, test } from 'vitest';
import { shippedCatalog } from '../../catalog';
import { readRecipes } from './readRecipes';
import { asWanted, recipeTexts, type WantedRecipe } from './texts.testing';

const sorted = (recipe: WantedRecipe): WantedRecipe => ({
  ...recipe,
  ingredients: recipe.ingredients
    .map((ingredient) => ({ ...ingredient, ids: [...ingredient.ids].sort() }))
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

test('there are at least a hundred and twenty of them', () => {
  expect(recipeTexts.length).toBeGreaterThanOrEqual(120);
});
