import { catalogOfRecipe } from '@jubbet/core/mixture';
import type { Recipe } from '@jubbet/core/recipe';
import { useMemo, type ReactNode } from 'react';
import { CatalogContext, useCatalog } from './catalog';

/** The materials of the house with the pre-dilutions of a recipe, for what shows that recipe. */
export const RecipeCatalog = ({ recipe, children }: { recipe: Recipe; children: ReactNode }) => {
  const house = useCatalog();
  const catalog = useMemo(() => catalogOfRecipe(house, recipe), [house, recipe]);
  return <CatalogContext value={catalog}>{children}</CatalogContext>;
};
