import type { Catalog, Container } from '@jubbet/core/catalog';
import { isMixedInOne, type WorkedOut } from '@jubbet/core/drops';
import type { Blend, Calculated, Evaluation } from '@jubbet/core/drops';
import { firstLine, isIn, type Recipe } from '@jubbet/core/recipe';
import { shownContainer } from './shownContainer';

/** What the sheet shows of a blend, folds, and makes possible. */
export interface SheetModel {
  /** The container as it is drawn. */
  readonly container: Container;
  /** Worked out; null while the sentence has gaps. */
  readonly done: Calculated | null;
  readonly blend: Blend | null;
  readonly evaluation: Evaluation | null;
  /** True while the sentence lacks something: nothing can be made of it. */
  readonly hasGaps: boolean;
  /** Carriers by parts alone stand in the sentence; what is weighed or melted has a table. */
  readonly isOneCarrier: boolean;
  readonly hasBases: boolean;
  /** The way to choose oils by note and smell stands beside the field, not in the menu. */
  readonly offersChoosing: boolean;
}

/** `isUnfolded`: ml, g, parts and carriers are shown too. */
export const sheetModel = (
  catalog: Catalog,
  recipe: Recipe,
  worked: WorkedOut,
  isUnfolded: boolean,
): SheetModel => {
  const done = worked.state === 'done' ? worked : null;
  const isOneCarrier =
    !isMixedInOne(catalog, recipe) && recipe.bases.every(({ amount }) => isIn(amount, 'parts'));
  return {
    container: shownContainer(firstLine(recipe).container),
    done,
    blend: done?.blend ?? null,
    evaluation: done?.evaluation ?? null,
    hasGaps: worked.state === 'gaps',
    isOneCarrier,
    hasBases: isUnfolded || !isOneCarrier,
    offersChoosing: isUnfolded || recipe.oils.length === 0,
  };
};
