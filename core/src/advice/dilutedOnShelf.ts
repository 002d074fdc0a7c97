import type { Catalog } from '../catalog';
import type { Calculated } from '../drops';
import type { Recipe } from '../recipe';
import type { SuggestedChange } from './change';

/**
 * A bottle on the shelf that is that oil alone, already diluted, in place of an oil of which one drop
 * is too much.
 */
export const dilutedOnShelf = (
  catalog: Catalog,
  recipe: Recipe,
  { evaluation: { plan, mixture } }: Calculated,
): SuggestedChange[] => {
  const coarse = new Set([
    ...plan.leftOut.map(({ oilId }) => oilId),
    ...mixture.oils.filter(({ drops }) => drops !== null && drops <= 1).map(({ oil }) => oil.id),
  ]);
  return recipe.oils
    .filter(({ id }) => coarse.has(id))
    .flatMap(({ id: from }) =>
      catalog.oils
        .filter(
          ({ id, madeOf }) =>
            madeOf?.oils.length === 1 &&
            madeOf.oils[0]?.oil.id === from &&
            madeOf.carriers.length > 0 &&
            catalog.openBottle(id) !== undefined &&
            !recipe.oils.some((oil) => oil.id === id),
        )
        .map(({ id }): SuggestedChange => ({ kind: 'swap', from, to: id })),
    );
};
