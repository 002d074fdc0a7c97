import type { Catalog } from '../catalog';
import { workOut, writeOils, type Evaluation } from '../drops';
import { strengthBy } from '../mixture';
import type { Recipe } from '../recipe';

/** More drops than this are not taken out one by one: what is left over of so many is nothing. */
const mostSteps = 12;

/** To a hundredth, downward: nobody asks for a finer strength, and none is passed by rounding. */
const askable = (percent: number): number => Math.max(0.01, Math.floor(100 * percent) / 100);

/** Whether it is stronger than what is recommended, where that counts as a limit does. */
const isAboveRecommended = ({ findings }: Evaluation): boolean =>
  findings.some(({ rule, verdict }) => rule === 'whole-blend' && verdict === 'caution');

/**
 * The same blend at no more than a strength: its oils in the proportions that they have, however
 * they were measured. Whole drops come near the strength that is asked, from either side: where
 * that is a caution to its wearer, there is a drop less in it. One drop stays one.
 *
 * @param evaluation of the recipe as it stands
 * @param percent most of essential oil in all of it, by what the recipe is measured by
 */
export const noStronger = (
  catalog: Catalog,
  recipe: Recipe,
  evaluation: Evaluation,
  percent: number,
): Recipe => {
  const at = (asked: number): Recipe => ({
    ...writeOils(recipe, evaluation, 'parts'),
    target: { percent: askable(asked) },
  });
  const first = at(Math.min(percent, strengthBy(evaluation.mixture, recipe.by).likely));
  let weaker = first;
  for (let step = 0; step < mostSteps; step += 1) {
    const worked = workOut(catalog, weaker);
    if (worked.state !== 'done' || !isAboveRecommended(worked.evaluation)) return weaker;
    const { mixture } = worked.evaluation;
    const drops = mixture.oils.reduce((all, oil) => all + (oil.drops ?? 0), 0);
    if (drops <= 1) return first;
    weaker = at((strengthBy(mixture, recipe.by).likely * (drops - 1)) / drops);
  }
  return first;
};
