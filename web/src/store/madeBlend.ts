import { catalogCarrying, type Catalog } from '@jubbet/core/catalog';
import { settleMade, type Blend } from '@jubbet/core/drops';
import { recipeOf } from '@jubbet/core/exchange';
import type { Recipe } from '@jubbet/core/recipe';
import type { BatchRecord } from './database';

/** What a batch was made of, with whole drops: its parts are settled. */
export const plannedRecipe = ({ file }: Pick<BatchRecord, 'file'>): Recipe => recipeOf(file);

/** The blend of a batch from what it carries, whatever has become of the house since. */
export const madeBlend = (
  house: Catalog,
  { file, materials, analyses }: Pick<BatchRecord, 'file' | 'materials' | 'analyses'>,
): Blend => settleMade(catalogCarrying(house, materials), plannedRecipe({ file }), analyses);
