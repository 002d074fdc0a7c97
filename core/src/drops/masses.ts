import { isIn, type Recipe, type RecipeBase } from '../recipe';
import type { Evaluation } from './evaluate';
import { measurable, measuredBy, percentOf, restOf } from './rewrite';

/**
 * The bases of a recipe with other masses. One that is written by amounts keeps making its own
 * batch; all others are written by percent, with a rest.
 */
export const withMasses = (
  recipe: Recipe,
  evaluation: Evaluation,
  masses: ReadonlyMap<string, number>,
): Recipe => {
  const { bases, totalG } = evaluation.mixture;
  const kept = [...masses].filter(([, g]) => g > 0);
  const byWeight = measuredBy(recipe, evaluation, 'weight');
  if (recipe.bases.every(({ amount }) => !isIn(amount, 'parts') && !isIn(amount, 'percent'))) {
    return {
      ...byWeight,
      bases: kept.map(([id, g]): RecipeBase => {
        const before = bases.find(({ base }) => base.id === id);
        const isPoured = recipe.bases.some((entry) => entry.id === id && isIn(entry.amount, 'ml'));
        return isPoured && before
          ? { id, amount: { unit: 'ml', value: measurable(g / before.base.densityGPerMl) } }
          : { id, amount: { unit: 'g', value: measurable(g) } };
      }),
    };
  }
  const rest = restOf(
    bases.filter(({ base }) => base.kind !== 'wax' && (masses.get(base.id) ?? 0) > 0),
  );
  const restId = rest?.base.id ?? kept[kept.length - 1]?.[0];
  return {
    ...byWeight,
    bases: kept.map(([id, g]): RecipeBase =>
      id === restId && kept.length > 1
        ? { id, amount: { unit: 'parts', value: 1 } }
        : { id, amount: { unit: 'percent', value: percentOf(g, totalG.likely) } },
    ),
  };
};
