import { dropFigures, type OwnMaterial } from '@jubbet/core/catalog';
import { recipeSchema, usualDropsPerMl, type Recipe } from '@jubbet/core/recipe';
import { blendStore } from './blends';
import { db, type Database } from './database';
import { materialsStore } from './materials';

/** True for a drop size that is met in practice: another would make a blend seem weaker. */
const isMet = (perMl: number): boolean => {
  const [fewest, most] = dropFigures.metInPracticePerMl;
  return perMl >= fewest && perMl <= most;
};

/** What came of a blend that was brought in. */
export interface BroughtIn {
  readonly id: string;
  /** Ids of oils of which the file has figures of its maker's, that were left in it. */
  readonly figuresOf: readonly string[];
}

/**
 * A blend of a file becomes one of the house, with the materials that it carries, in one act.
 * What this house knows already stays as it is here: its maker may have changed it since. A
 * stranger's figures of the library's oils stay in the file: they would move the limits of every
 * other blend.
 */
export const bringBlendIn = (
  recipe: Recipe,
  materials: readonly OwnMaterial[],
  store: Database = db,
): Promise<BroughtIn> =>
  store.transaction('rw', store.blends, store.materials, async () => {
    const own = materialsStore(store);
    for (const material of materials) {
      if (material.kind === 'figure' || material.kind === 'check') continue;
      const known = await store.materials.get(material.id);
      if (!known) await own.put(material);
      // Taken out of the house before: the blend needs it back.
      else if (known.deletedAt !== null) await own.restore(material.id);
    }
    return {
      // What a stranger asked someone was not asked here.
      id: await blendStore(store).add(
        recipeSchema.parse({
          ...recipe,
          brief: { ...recipe.brief, asked: [] },
          // Their bottles are not ours: a drop is what it is here.
          dropsPerMl: isMet(recipe.dropsPerMl) ? recipe.dropsPerMl : usualDropsPerMl,
          oils: recipe.oils.map(({ id, amount }) => ({ id, amount })),
          bases: recipe.bases.map(({ id, amount }) => ({ id, amount })),
        }),
      ),
      figuresOf: [
        ...new Set(materials.flatMap((entry) => (entry.kind === 'figure' ? [entry.oilId] : []))),
      ],
    };
  });
