import type { Catalog } from '../catalog';
import { aimOf, withAmount, type Recipe, type Target } from '../recipe';
import { workOut } from './workOut';

const isOver = (catalog: Catalog, recipe: Recipe): boolean => {
  const worked = workOut(catalog, recipe);
  return worked.state === 'done' && worked.evaluation.verdict === 'over';
};

/** The nearest whole number, at least 1; for a target that is a range one that is inside it, where any is. */
const nearest = (drops: number, target: Target | null): number => {
  const rounded = Math.max(1, Math.round(drops));
  if (target?.upTo === undefined) return rounded;
  // What is aimed at is the middle of the range.
  const perDrop = aimOf(target) / drops;
  const { percent, upTo } = target;
  const isInside = (n: number): boolean => n * perDrop >= percent && n * perDrop <= upTo;
  return [rounded, rounded - 1, rounded + 1].find((n) => n >= 1 && isInside(n)) ?? rounded;
};

/**
 * The same number of drops of every oil, as near to the target, or to what is in it now, as that comes
 * within the limits; at least one of each. Nothing changes where it cannot be worked out.
 */
export const equalDrops =
  (catalog: Catalog) =>
  (recipe: Recipe): Recipe => {
    const worked = workOut(catalog, recipe);
    if (worked.state !== 'done' || recipe.oils.length === 0) return recipe;
    const { plan, mixture } = worked.evaluation;
    const aimed = plan.targetMl ?? mixture.oils.reduce((total, { ml }) => total + ml.likely, 0);
    const oneEach = mixture.oils.reduce(
      (total, { drops, ml }) =>
        total + (drops !== null && drops > 0 ? ml.likely / drops : 1 / recipe.dropsPerMl),
      0,
    );
    const at = (value: number): Recipe => ({
      ...recipe,
      oils: recipe.oils.map((oil) => withAmount(oil, { unit: 'drops', value })),
    });
    let value = nearest(aimed / oneEach, recipe.target);
    // No more of each than the limits allow: they were kept before, and are.
    while (value > 1 && isOver(catalog, at(value))) value -= 1;
    return at(value);
  };
