import { isMelted } from '../catalog';
import { strengthBy, type BaseInBlend } from '../mixture';
import {
  isIn,
  withAmount,
  type By,
  type Recipe,
  type RecipeBase,
  type RecipeOil,
  type WrittenBy,
} from '../recipe';
import type { Evaluation } from './evaluate';

// The same blend, written another way: what is in it stays, to the digits that are read.

/** How amounts are written: shares among each other, shares of the whole, or what is measured. */
export type Way = Exclude<WrittenBy, 'several'>;

const rounded = (value: number, decimals: number): number =>
  Math.round(value * 10 ** decimals) / 10 ** decimals;

/** To what is read off a scale or a cylinder: a hundredth, and never zero. */
export const measurable = (value: number): number =>
  Math.max(0.01, rounded(value, value < 10 ? 2 : 1));

/** A share of a whole in percent, to a hundredth, and never zero. */
export const percentOf = (part: number, whole: number): number =>
  Math.max(0.01, rounded((100 * part) / whole, 2));

/** A strength that can be asked for, to a hundredth of a percent. */
const askable = (percent: number): number => Math.min(100, Math.max(0.01, rounded(percent, 2)));

/** No one measures out more parts than this. */
const mostParts = 20;

/** A ratio off by less than this reads as the simple one. */
const nearly = 0.005;

/** Shares as few small whole numbers where they are that, else in percent to a tenth. */
export const simpleParts = (amounts: readonly number[]): number[] => {
  const least = Math.min(...amounts);
  for (let times = 1; times <= 12; times += 1) {
    const parts = amounts.map((amount) => (times * amount) / least);
    if (
      parts.every((part) => part <= mostParts && Math.abs(part - Math.round(part)) <= nearly * part)
    ) {
      return parts.map(Math.round);
    }
  }
  const all = amounts.reduce((total, amount) => total + amount, 0);
  return amounts.map((amount) => Math.max(0.1, rounded((100 * amount) / all, 1)));
};

/** What all of it weighs, in g, or takes up, in ml. */
const wholeOf = ({ mixture }: Evaluation, by: By): number =>
  by === 'weight' ? mixture.totalG.likely : mixture.fillMl;

/** Of these bases the one that takes up what the others leave: the largest that pours, else the largest. */
export const restOf = (bases: readonly BaseInBlend[]): BaseInBlend | undefined => {
  const largest = (list: readonly BaseInBlend[]) =>
    [...list].sort((a, b) => b.g.likely - a.g.likely)[0];
  return largest(bases.filter(({ base }) => base.kind === 'oil')) ?? largest(bases);
};

const measuredAmount = ({ base, ml, g }: BaseInBlend, by: By): RecipeBase['amount'] => {
  // Solids are weighed whatever the rest is measured by.
  const isWeighed = by === 'weight' || isMelted(base) || base.kind === 'dry';
  return isWeighed
    ? { unit: 'g', value: measurable(g.likely) }
    : { unit: 'ml', value: measurable(ml.likely) };
};

/** The bases of a recipe in another way. */
export const writeBases = (recipe: Recipe, evaluation: Evaluation, way: Way, by: By): Recipe => {
  const { bases } = evaluation.mixture;
  const whole = wholeOf(evaluation, by);
  const size = ({ ml, g }: BaseInBlend): number => (by === 'weight' ? g.likely : ml.likely);
  const rest = restOf(bases);
  const simple = simpleParts(bases.map(size));
  const written = bases.map((base, index): RecipeBase => {
    const { id } = base.base;
    switch (way) {
      case 'parts':
        return { id, amount: { unit: 'parts', value: simple[index] ?? 1 } };
      case 'percent':
        return base === rest && bases.length > 1
          ? { id, amount: { unit: 'parts', value: 1 } }
          : { id, amount: { unit: 'percent', value: percentOf(size(base), whole) } };
      case 'amounts':
        return { id, amount: measuredAmount(base, by) };
    }
  });
  return { ...measuredBy(recipe, evaluation, by), bases: written };
};

/** The target that is met stays; where it is not, what is in it is asked for from now on. */
const targetOf = ({ target, oils }: Recipe, percent: number): NonNullable<Recipe['target']> => {
  const isMet =
    target !== null &&
    (oils.some(({ amount }) => isIn(amount, 'parts')) ||
      (percent >= target.percent && percent <= (target.upTo ?? target.percent)));
  return isMet ? target : { percent: askable(percent) };
};

/** The oils of a recipe in another way. Drops are whole; ml and g are as the scale reads. */
export const writeOils = (recipe: Recipe, evaluation: Evaluation, way: Way): Recipe => {
  const { mixture } = evaluation;
  const { by } = recipe;
  const parts = simpleParts(
    mixture.oils.map(({ ml }) => Math.max(ml.likely, mixture.fillMl * 1e-7)),
  );
  return {
    ...recipe,
    target: way === 'parts' ? targetOf(recipe, strengthBy(mixture, by).likely) : null,
    oils: recipe.oils.map((oil, index): RecipeOil => {
      const mixed = mixture.oils[index];
      if (!mixed) return oil;
      switch (way) {
        case 'parts':
          return withAmount(oil, { unit: 'parts', value: parts[index] ?? 1 });
        case 'percent': {
          const share = by === 'weight' ? mixed.byWeight : mixed.byVolume;
          return withAmount(oil, { unit: 'percent', value: rounded(share.likely, 2) });
        }
        case 'amounts':
          if (mixed.drops !== null) return withAmount(oil, { unit: 'drops', value: mixed.drops });
          return withAmount(
            oil,
            by === 'weight'
              ? { unit: 'g', value: measurable(mixed.g.likely) }
              : { unit: 'ml', value: measurable(mixed.ml.likely) },
          );
      }
    }),
  };
};

/** Every oil by the ml that it comes to, to a hundredth, in place of drops or parts. */
export const weighOils = (recipe: Recipe, { mixture }: Evaluation): Recipe => ({
  ...recipe,
  target: null,
  oils: recipe.oils.map((oil, index) =>
    withAmount(oil, { unit: 'ml', value: rounded(mixture.oils[index]?.ml.likely ?? 0, 2) }),
  ),
});

/** The same blend with percents of the volume or of the weight: the figures follow. */
export const measuredBy = (recipe: Recipe, evaluation: Evaluation, by: By): Recipe => {
  if (recipe.by === by) return recipe;
  const { mixture } = evaluation;
  const hasParts = recipe.oils.some(({ amount }) => isIn(amount, 'parts'));
  const after = strengthBy(mixture, by).likely;
  const before = strengthBy(mixture, recipe.by).likely || after;
  const whole = wholeOf(evaluation, by);
  const sizes = mixture.bases.map(({ ml, g }) => (by === 'weight' ? g.likely : ml.likely));
  const simple = simpleParts(sizes);
  const isAlone = recipe.bases.filter(({ amount }) => isIn(amount, 'parts')).length === 1;
  return {
    ...recipe,
    by,
    target:
      // Where no drop is reached there is nothing to compare the two measures by.
      recipe.target && hasParts && after > 0
        ? { percent: askable((recipe.target.percent * after) / before) }
        : recipe.target,
    oils: recipe.oils.map((oil, index) => {
      const mixed = mixture.oils[index];
      const share = by === 'weight' ? mixed?.byWeight : mixed?.byVolume;
      return isIn(oil.amount, 'percent') && share
        ? { ...oil, amount: { unit: 'percent', value: rounded(share.likely, 2) } }
        : oil;
    }),
    bases: recipe.bases.map((base, index): RecipeBase => {
      if (isIn(base.amount, 'percent')) {
        return {
          id: base.id,
          amount: { unit: 'percent', value: percentOf(sizes[index] ?? 0, whole) },
        };
      }
      return isIn(base.amount, 'parts') && !isAlone
        ? { id: base.id, amount: { unit: 'parts', value: simple[index] ?? 1 } }
        : base;
    }),
  };
};
