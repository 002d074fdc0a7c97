import { textureOf, waxFor } from '../mixture';
import { isIn, type Recipe, type RecipeBase } from '../recipe';
import type { Evaluation } from './evaluate';
import { measurable, measuredBy, percentOf, restOf } from './rewrite';

/**
 * The bases of a recipe with other masses. One that is written by amounts keeps making its own
 * batch; all others are written by percent, with a rest.
 */
const withMasses = (
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

/** Beeswax is what a blend without a wax gets. */
const usualWax = 'beeswax_yellow';

/**
 * The same blend softer or firmer: its wax, counted as beeswax, is this share of the whole,
 * and what else carries keeps its proportions. Antioxidants keep their share. Where no oil or
 * butter is there to give way to the wax, or to take its place, the blend stays as it is.
 *
 * @param percent of the whole by weight, 0 to 60
 */
export const withWaxPercent = (recipe: Recipe, evaluation: Evaluation, percent: number): Recipe => {
  const { mixture } = evaluation;
  const now = textureOf(mixture)?.waxPercent.likely ?? 0;
  const wanted = (percent / 100) * mixture.totalG.likely;
  const masses = new Map(mixture.bases.map(({ base, g }) => [base.id, g.likely]));
  const waxIds = new Set([
    usualWax,
    ...mixture.bases.filter(({ base }) => base.kind === 'wax').map(({ base }) => base.id),
  ]);
  const before = [...masses].reduce((total, [, g]) => total + g, 0);
  if (now > 0) {
    for (const [id, g] of masses) if (waxIds.has(id)) masses.set(id, (g * percent) / now);
  } else if (percent > 0) masses.set(usualWax, wanted * (waxFor(usualWax)?.likely ?? 1));
  const waxes = [...masses].reduce((total, [id, g]) => total + (waxIds.has(id) ? g : 0), 0);
  const carries = ({ kind }: { kind: string }) => kind === 'oil' || kind === 'butter';
  const others = mixture.bases.filter(({ base }) => carries(base));
  const othersG = others.reduce((total, { g }) => total + g.likely, 0);
  const keptG =
    before -
    othersG -
    mixture.bases.reduce((total, { base, g }) => total + (base.kind === 'wax' ? g.likely : 0), 0);
  const leftG = before - keptG - waxes;
  if (othersG === 0 || leftG <= 0) return recipe;
  for (const { base, g } of others) masses.set(base.id, (g.likely * leftG) / othersG);
  return withMasses(recipe, evaluation, masses);
};

/** Another wax in place of one, as much as sets as firmly; oil takes up the difference. */
export const withWax = (
  recipe: Recipe,
  evaluation: Evaluation,
  from: string,
  to: string,
): Recipe => {
  const { mixture } = evaluation;
  const now = textureOf(mixture)?.waxPercent.likely ?? 0;
  if (now === 0) return recipe;
  const masses = new Map(mixture.bases.map(({ base, g }) => [base.id, g.likely]));
  const g = masses.get(from) ?? 0;
  masses.delete(from);
  masses.set(
    to,
    (masses.get(to) ?? 0) + (g / (waxFor(from)?.likely ?? 1)) * (waxFor(to)?.likely ?? 1),
  );
  return withMasses(recipe, evaluation, masses);
};
