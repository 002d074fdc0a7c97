import type { Edit, Recipe } from '@jubbet/core/recipe';

/** What every part of the sheet is given: the recipe, and the way to change it. */
export interface TokenProps {
  readonly recipe: Recipe;
  /** `field` names where it was typed: keystrokes there are one step of undo. */
  readonly change: (edit: Edit, field?: string) => void;
}
