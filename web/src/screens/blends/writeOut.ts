import { fileOf, writeBlend } from '@jubbet/core/exchange';
import type { Recipe } from '@jubbet/core/recipe';
import { nameOrNone } from '@jubbet/core/words';
import { saveFile } from '../../parts/saveFile';
import { materials } from '../../store/materials';

/** Saves a blend as a file, with the materials of the house's own that are in it. */
export const writeOut = async (recipe: Recipe): Promise<void> => {
  const own = (await materials.list()).map((record) => record.own);
  saveFile(`${nameOrNone(recipe.name)}.json`, writeBlend(fileOf(recipe, own)), 'application/json');
};
