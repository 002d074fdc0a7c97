import type { Catalog } from '../catalog';
import { workOut, writeOils, type Evaluation, type Calculated } from '../drops';
import { strengthBy } from '../mixture';
import type { Recipe } from '../recipe';
import { isPast } from '../quantity';

/** So often it is aimed lower: what is not reached by then is too coarse for whole drops. */
const mostSteps = 5;

/** To a hundredth, downward: no one asks for a finer strength, and none is passed by rounding. */
const inTenths = (percent: number): number => Math.max(0.01, Math.floor(100 * percent) / 100);

const dropsIn = ({ mixture }: Evaluation): number =>
  mixture.oils.reduce((all, oil) => all + (oil.drops ?? 0), 0);

/**
 * Whether whole drops have taken a blend past a strength.
 *
 * @param percent of essential oil, by what the recipe is measured by
 */
export const isStronger = (
  { evaluation: { mixture } }: Pick<Calculated, 'evaluation'>,
  { by }: Pick<Recipe, 'by'>,
  percent: number,
): boolean => isPast(strengthBy(mixture, by).likely, percent);

/**
 * The same blend at no more than a strength: its oils in the proportions that they have, however
 * they were measured. Whole drops may come out above it: then it is aimed lower, as long as every
 * oil still has a drop in it. Where they are too coarse for that, they are as near as they come.
 *
 * @param evaluation of the recipe as it is
 * @param percent most of essential oil in all of it, by what the recipe is measured by
 */
export const noStronger = (
  catalog: Catalog,
  recipe: Recipe,
  evaluation: Evaluation,
  percent: number,
): Recipe => {
  const at = (targetPercent: number): Recipe => ({
    ...writeOils(recipe, evaluation, 'parts'),
    target: { percent: inTenths(targetPercent) },
  });
  const most = Math.min(percent, strengthBy(evaluation.mixture, recipe.by).likely);
  const nearest = at(most);
  let targetPercent = most;
  for (let step = 0; step < mostSteps; step += 1) {
    const weaker = at(targetPercent);
    const worked = workOut(catalog, weaker);
    if (worked.state !== 'done') return nearest;
    if (worked.evaluation.mixture.oils.some(({ drops }) => drops === 0)) return nearest;
    if (!isStronger(worked, weaker, percent)) return weaker;
    const drops = dropsIn(worked.evaluation);
    if (drops <= worked.evaluation.mixture.oils.length) return nearest;
    targetPercent *= (drops - 1) / drops;
  }
  return nearest;
};
