import { writeOils, type Evaluation } from '../drops';
import { strengthBy } from '../mixture';
import type { Recipe } from '../recipe';

/** To a hundredth, downward: nobody asks for a finer strength, and none is passed by rounding. */
const askable = (percent: number): number => Math.max(0.01, Math.floor(100 * percent) / 100);

/**
 * The same blend at no more than a strength: its oils in the proportions that they have, however they
 * were measured.
 *
 * @param evaluation of the recipe as it stands
 * @param percent most of essential oil in all of it, by what the recipe is measured by
 */
export const noStronger = (recipe: Recipe, evaluation: Evaluation, percent: number): Recipe => ({
  ...writeOils(recipe, evaluation, 'parts'),
  target: { percent: askable(Math.min(percent, strengthBy(evaluation.mixture, recipe.by).likely)) },
});
