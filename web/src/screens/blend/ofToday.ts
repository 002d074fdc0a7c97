import type { Recipe } from '@jubbet/core/recipe';
import type { BlendRecord } from '../../store/database';

/**
 * The recipe with its wearer as their record has them now: what is undone or was left on the sheet
 * never brings back someone as they were.
 */
export const ofToday = (recipe: Recipe, { recipe: { brief } }: BlendRecord): Recipe => {
  const { personId } = recipe.brief;
  if (personId === null || personId !== brief.personId) return recipe;
  const own = recipe.brief.asked.filter((id) => id.startsWith('place: '));
  const theirs = brief.asked.filter((id) => !id.startsWith('place: '));
  return {
    ...recipe,
    brief: { ...recipe.brief, wearer: brief.wearer, asked: [...own, ...theirs] },
  };
};
