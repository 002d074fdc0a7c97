import { fillMl, type Base, type Catalog, type Container } from '../catalog';
import { essentialShare, toMixMl, type BaseMeasure, type FormulaOil } from '../mixture';
import { aimOf, briefOf, isIn, type By, type Recipe } from '../recipe';
import type { Blend } from './blend';
import { fillingsOf, isMixedInOne } from './containers';
import { fixedOils, measureOfBase, type FixedOil } from './fixedAmounts';
import { onBench, type Analyses } from './onBench';
import { meanOfParts, shareOfParts } from './shares';

/** What every pass of settling reads, worked out once from the recipe and the catalog. */
export interface SettleInput {
  readonly catalog: Catalog;
  readonly recipe: Recipe;
  readonly brief: Blend['brief'];
  readonly by: By;
  readonly fillings: Blend['fillings'];
  readonly firstContainer: Container;
  /** Pieces that are filled one by one; 1 where all are poured from one jug. */
  readonly count: number;
  readonly inOne: boolean;
  /** What is mixed at once, in ml, before amounts that are fixed change it. */
  readonly wantedMl: number;
  /** Each oil from the bottle that it is taken from. */
  readonly oils: readonly Omit<FormulaOil, 'measure'>[];
  readonly bases: readonly { readonly base: Base; readonly measure: BaseMeasure }[];
  readonly fixed: readonly FixedOil[];
  readonly hasParts: boolean;
  /** In percent; undefined where there is no target. */
  readonly targetPercent: number | undefined;
  /** The target of a recipe with parts, as a share of the whole, 0 to 1. */
  readonly targetShare: number;
  /** Mean density of the oils by parts, in g/ml; null where none is by parts. */
  readonly partsDensity: number | null;
  /** How much of what the parts add up to is essential oil, 0 to 1. */
  readonly essentialOfParts: number;
  /** Bases by parts of the volume alone: they do nothing but fill up, whatever the oils take. */
  readonly topsUp: boolean;
  /** What a batch was made from; null for a recipe that is planned. */
  readonly made: Analyses | null;
}

/** How much of an oil of the recipe is essential oil, 0 to 1. */
export const essentialOf = ({ oils }: SettleInput, index: number): number => {
  const oil = oils[index]?.oil;
  return oil ? essentialShare(oil) : 1;
};

/** @param recipe of which nothing is missing */
export const settleInput = (
  catalog: Catalog,
  recipe: Recipe,
  made: Analyses | null,
): SettleInput => {
  const brief = briefOf(recipe);
  if (!brief) throw new Error('a recipe is settled once it says for whom and where');
  const fillings = fillingsOf(recipe);
  const [line] = fillings;
  if (!line) throw new Error('a recipe has at least one container');
  const inOne = isMixedInOne(catalog, recipe);
  const oils = recipe.oils.flatMap((entry) => {
    const oil = catalog.oil(entry.id);
    return oil ? [onBench(catalog, entry, oil, made)] : [];
  });
  const bases = recipe.bases.flatMap(({ id, amount }) => {
    const base = catalog.base(id);
    return base ? [{ base, measure: measureOfBase(amount, base) }] : [];
  });
  const hasParts = recipe.oils.some(({ amount }) => isIn(amount, 'parts'));
  const targetPercent = recipe.target ? aimOf(recipe.target) : undefined;
  const bottled = oils.map(({ oil }) => oil);
  return {
    catalog,
    recipe,
    brief,
    by: recipe.by,
    fillings,
    firstContainer: line.container,
    count: inOne ? 1 : line.count,
    inOne,
    wantedMl: inOne
      ? toMixMl(fillings, recipe.lossPercent, recipe.whipPercent ?? 0)
      : fillMl(line.container),
    oils,
    bases,
    fixed: fixedOils(recipe, oils),
    hasParts,
    targetPercent,
    targetShare: hasParts ? (targetPercent ?? 0) / 100 : 0,
    partsDensity: meanOfParts(bottled, recipe.oils),
    essentialOfParts: shareOfParts(bottled, recipe.oils),
    topsUp:
      recipe.by === 'volume' &&
      bases.every(
        ({ base, measure }) => measure.by === 'parts' && base.trueDensityGPerMl === undefined,
      ),
    made,
  };
};
