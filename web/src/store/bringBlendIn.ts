import type { OwnMaterial } from '@jubbet/core/catalog';
import { recipeSchema, type Recipe } from '@jubbet/core/recipe';
import { blendStore } from './blends';
import { db, type Database } from './database';
import { materialsStore } from './materials';

/**
 * A blend of a file becomes one of the house, with the materials that it carries, in one act.
 * What this house knows already stays as it is here: its maker may have changed it since.
 */
export const bringBlendIn = (
  recipe: Recipe,
  materials: readonly OwnMaterial[],
  store: Database = db,
): Promise<string> =>
  store.transaction('rw', store.blends, store.materials, async () => {
    const own = materialsStore(store);
    for (const material of materials) {
      const known = await store.materials.get(material.id);
      if (!known) await own.put(material);
      // Taken out of the house before: the blend needs it back.
      else if (known.deletedAt !== null) await own.restore(material.id);
    }
    return blendStore(store).add(recipeSchema.parse(recipe));
  });
