import { largestContainerMl, type Catalog, usualCarriers } from '../catalog';
import { wholeBlendLimit } from '../limits';
import { strengthBy, toMixMl } from '../mixture';
import {
  briefOf,
  isIn,
  setFirstContainer,
  valueIn,
  withAmount,
  type LooseAmount,
  type Recipe,
  type RecipeContainer,
} from '../recipe';
import { fillingsOf, isMixedInOne } from './containers';
import type { Evaluation } from './evaluate';
import { simpleParts, writeBases } from './rewrite';
import { workOut, type Calculated } from './workOut';

const times = (value: number, factor: number): number =>
  Math.max(0.01, Math.round(100 * value * factor) / 100);

/** So many times as many spoons, as they were typed: to a thousandth of one. */
const looseTimes = (loose: LooseAmount, factor: number): LooseAmount => {
  const value = Math.max(0.001, Math.round(1000 * loose.value * factor) / 1000);
  const { asTyped: _asTyped, ...rest } = loose;
  return { ...rest, value, ml: (loose.ml * value) / loose.value };
};

/**
 * Amounts of what is mixed at once, times a factor. Drops are asked for as parts, so that
 * whole drops are found again within the limits, and then count as drops again.
 */
const amountsTimes = (recipe: Recipe, factor: number): Recipe => ({
  ...recipe,
  oils: recipe.oils.map((oil) =>
    oil.amount?.unit === 'ml' || oil.amount?.unit === 'g'
      ? withAmount(oil, { unit: oil.amount.unit, value: times(oil.amount.value, factor) })
      : oil,
  ),
  bases: recipe.bases.map((base) => {
    const { amount } = base;
    if (amount?.unit === 'loose') return { ...base, amount: looseTimes(amount, factor) };
    return amount?.unit === 'ml' || amount?.unit === 'g'
      ? { ...base, amount: { unit: amount.unit, value: times(amount.value, factor) } }
      : base;
  }),
});

const isCounted = ({ amount }: Recipe['oils'][number]): boolean =>
  (valueIn(amount, 'drops') ?? 0) > 0;

/**
 * A strength to be met again: where it was no more than is recommended for its wearer, whole drops
 * may not take it past that.
 */
const asStrong = (recipe: Recipe, percent: number): NonNullable<Recipe['target']> => {
  const brief = briefOf(recipe);
  const recommended = brief ? wholeBlendLimit(brief, recipe.guideline).recommended : Infinity;
  if (percent > recommended * (1 + 1e-9) || !Number.isFinite(recommended)) return { percent };
  // A range is aimed at in its middle, and its high end is not passed.
  const low = Math.min(2 * percent - recommended, recommended * (1 - 1e-6));
  return low > 0 ? { percent: low, upTo: recommended } : { percent };
};

/** Counted drops as the strength and the parts that they come to, to be solved again. */
const dropsAsParts = (recipe: Recipe, { mixture }: Evaluation): Recipe | null => {
  if (!recipe.oils.some(isCounted)) return null;
  if (recipe.oils.some(({ amount }) => isIn(amount, 'parts'))) return null;
  const shares = recipe.oils.map((_, index) => mixture.oils[index]?.ml.likely ?? 0);
  const parts = simpleParts(shares.filter((share) => share > 0));
  let next = 0;
  return {
    ...recipe,
    target: asStrong(recipe, Math.min(100, strengthBy(mixture, recipe.by).likely)),
    oils: recipe.oils.map((oil, index) => {
      const value = (shares[index] ?? 0) > 0 ? (parts[next++] ?? 1) : 0;
      return isCounted(oil) ? withAmount(oil, { unit: 'parts', value }) : oil;
    }),
  };
};

/** The drops that the parts came to, written as drops again. */
const settledDrops = (catalog: Catalog, recipe: Recipe, wanted: Recipe): Recipe => {
  const worked = workOut(catalog, wanted);
  if (worked.state !== 'done') return recipe;
  const { drops } = worked.evaluation.plan;
  return {
    ...recipe,
    oils: recipe.oils.map((oil, index) => {
      const planned = drops[index] ?? null;
      return isCounted(oil) && planned !== null
        ? withAmount(oil, { unit: 'drops', value: planned })
        : oil;
    }),
  };
};

const resized = (
  catalog: Catalog,
  recipe: Recipe,
  evaluation: Evaluation,
  factor: number,
  next: (recipe: Recipe) => Recipe,
): Recipe => {
  const wanted = dropsAsParts(recipe, evaluation);
  const sized = next(amountsTimes(recipe, factor));
  return wanted ? settledDrops(catalog, sized, next(amountsTimes(wanted, factor))) : sized;
};

/** Why a blend cannot be scaled so. */
export type ScaleProblem =
  | 'not-whole'
  /** More containers than a recipe may have. */
  | 'too-many'
  /** More of one ingredient than a recipe may have. */
  | 'too-much';

export type Scaled =
  | { readonly ok: true; readonly recipe: Recipe }
  | { readonly ok: false; readonly problem: ScaleProblem };

const mostContainers = 1000;

const asMuchAsMay = (recipe: Recipe): Scaled =>
  [...recipe.oils, ...recipe.bases].some(
    ({ amount }) => amount !== null && amount.value > largestContainerMl && !isIn(amount, 'parts'),
  )
    ? { ok: false, problem: 'too-much' }
    : { ok: true, recipe };

const isWhole = (count: number): boolean =>
  Math.abs(count - Math.round(count)) <= 1e-9 && count >= 1;

/** What is mixed in one, in other containers; amounts are fixed from then on, as these no longer set them. */
const someInContainers = (
  catalog: Catalog,
  recipe: Recipe,
  evaluation: Evaluation,
  containers: Recipe['containers'],
  factor: number,
): Scaled => {
  const fixed = writeBases(recipe, evaluation, 'amounts', recipe.by);
  const worked = workOut(catalog, fixed);
  if (worked.state !== 'done') return { ok: false, problem: 'not-whole' };
  const next = (given: Recipe): Recipe => ({ ...given, containers });
  return asMuchAsMay(resized(catalog, fixed, worked.evaluation, factor, next));
};

/** So much of what is mixed in one, in as many containers as take it: the last of a line may be part full. */
const someOfBatch = (
  catalog: Catalog,
  recipe: Recipe,
  evaluation: Evaluation,
  factor: number,
): Scaled =>
  someInContainers(
    catalog,
    recipe,
    evaluation,
    recipe.containers.map((line) => ({
      ...line,
      count: Math.max(1, Math.ceil(line.count * factor - 1e-9)),
    })),
    factor,
  );

/**
 * The batch as much as its containers hold, where its amounts come to more or to less; null where
 * they set it already, or where it cannot be worked out.
 */
export const toContainers = (
  catalog: Catalog,
  recipe: Recipe,
  { blend, evaluation: { mixture }, evaluation }: Calculated,
): Recipe | null => {
  if (!blend.inOne) return null;
  const wanted = toMixMl(blend.fillings, blend.lossPercent, blend.gainPercent);
  const factor = wanted / mixture.fillMl;
  const fitted = resized(catalog, recipe, evaluation, factor, (given) => given);
  return workOut(catalog, fitted).state === 'done' ? fitted : null;
};

/**
 * So many times as much: as many times the containers. Amounts that are of the whole jug
 * follow; those of one container stay.
 *
 * @param factor above 0
 */
export const timesAsMuch = (
  catalog: Catalog,
  recipe: Recipe,
  evaluation: Evaluation,
  factor: number,
): Scaled => {
  const counts = recipe.containers.map(({ count }) => count * factor);
  if (!counts.every(isWhole)) {
    return isMixedInOne(catalog, recipe) && factor > 0
      ? someOfBatch(catalog, recipe, evaluation, factor)
      : { ok: false, problem: 'not-whole' };
  }
  if (counts.some((entry) => entry > mostContainers)) return { ok: false, problem: 'too-many' };
  const next = (given: Recipe): Recipe => ({
    ...given,
    containers: given.containers.map((container, index) => ({
      ...container,
      count: Math.round(counts[index] ?? container.count),
    })),
  });
  return asMuchAsMay(
    isMixedInOne(catalog, recipe)
      ? resized(catalog, recipe, evaluation, factor, next)
      : next(recipe),
  );
};

/**
 * What is mixed in one, as much as other numbers of its containers take.
 *
 * @param counts one for each line of containers, of which one is above 0
 */
export const withCounts = (
  catalog: Catalog,
  recipe: Recipe,
  evaluation: Evaluation,
  counts: readonly number[],
): Scaled => {
  const containers = recipe.containers
    .map((line, n) => ({ ...line, count: counts[n] ?? 0 }))
    .filter(({ count }) => count > 0);
  const heldMl = (given: Pick<Recipe, 'containers'>): number => toMixMl(fillingsOf(given), 0, 0);
  const factor = heldMl({ containers }) / heldMl(recipe);
  return someInContainers(catalog, recipe, evaluation, containers, factor);
};

/** The same strength and proportions in another container. */
export const intoContainer = (
  catalog: Catalog,
  recipe: Recipe,
  evaluation: Evaluation,
  container: RecipeContainer,
): Scaled => {
  const next = setFirstContainer(container);
  // What the new one takes is only known when it is worked out by shares.
  const size = (given: Recipe): number | null => {
    const worked = workOut(catalog, {
      ...given,
      oils: [],
      target: null,
      bases: [{ id: usualCarriers[0], amount: { unit: 'parts', value: 1 } }],
    });
    return worked.state === 'done' ? worked.evaluation.mixture.fillMl : null;
  };
  const before = size(recipe);
  const after = size(next(recipe));
  const factor = before !== null && after !== null ? after / before : 1;
  return asMuchAsMay(resized(catalog, recipe, evaluation, factor, next));
};

/**
 * Less of everything that is measured, so that it fits where it did not: drops are whole, and never
 * more than in proportion. Null where one would come to none.
 *
 * @param factor above 0, below 1
 */
export const timesSmaller = (recipe: Recipe, factor: number): Recipe | null => {
  const { oils } = recipe;
  const counted = oils.map(({ amount }) => valueIn(amount, 'drops'));
  if (counted.some((drops) => drops !== undefined && drops > 0 && Math.floor(drops * factor) < 1)) {
    return null;
  }
  const smaller = amountsTimes(recipe, factor * (1 - 1e-3));
  return {
    ...smaller,
    oils: smaller.oils.map((oil, index) => {
      const drops = counted[index];
      return drops === undefined || drops === 0
        ? oil
        : withAmount(oil, { unit: 'drops', value: Math.floor(drops * factor) });
    }),
  };
};
