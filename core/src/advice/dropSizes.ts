import { dropFigures, fillMl, type Catalog } from '../catalog';
import { workOut, type Blend } from '../drops';
import { dropOf, essentialShare, strengthBy, type Mixture } from '../mixture';
import type { Recipe } from '../recipe';

/** What the same drops come to in a drop size. */
export interface InDropSize {
  readonly perMl: number;
  /** Essential oil in all, in percent by volume. */
  readonly percent: number;
}

/**
 * The strength that the drops of a blend come to in every drop size that is met: the same drops
 * are called 4.2 % by one and 2.4 % by another. Drops that were measured are what they are. None
 * where nothing was counted in drops of an unmeasured size.
 */
export const inDropSizes = (
  { formula }: Pick<Blend, 'formula'>,
  mixture: Mixture,
): InDropSize[] => {
  const isOpen = formula.oils.some(
    (entry, i) => !entry.dropMl && (mixture.oils[i]?.drops ?? 0) > 0,
  );
  if (!isOpen) return [];
  return dropFigures.sizes.map(({ perMl }) => ({
    perMl,
    percent: formula.oils.reduce((total, entry, i) => {
      const poured = mixture.oils[i];
      if (!poured) return total;
      const ml =
        poured.drops === null ? poured.ml.likely : poured.drops * dropOf(entry, perMl).likely;
      return total + (100 * essentialShare(entry.oil) * ml) / fillMl(formula.container);
    }, 0),
  }));
};

/**
 * How strong a recipe is in every drop size that is met, worked out again for each, by what it is
 * measured by. What does not fit counts as in a container that holds it; none where amounts are
 * missing.
 */
export const strengthsByDrop = (catalog: Catalog, recipe: Recipe): InDropSize[] =>
  dropFigures.sizes.flatMap(({ perMl }) => {
    const worked = workOut(catalog, { ...recipe, dropsPerMl: perMl });
    const evaluation = worked.state === 'gaps' ? undefined : worked.evaluation;
    return evaluation ? [{ perMl, percent: strengthBy(evaluation.mixture, recipe.by).likely }] : [];
  });
