import type { Recipe } from '@jubbet/core/recipe';

/** Saves a blend as a file; what writes files is loaded when it is wanted. */
export const saveBlend = async (recipe: Recipe): Promise<void> => {
  const { writeOut } = await import('./writeOut');
  await writeOut(recipe);
};
