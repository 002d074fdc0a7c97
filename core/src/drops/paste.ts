import { pasteOf } from '../mixture';
import type { Recipe } from '../recipe';
import type { Evaluation } from './evaluate';
import { withMasses } from './masses';

/**
 * The same batch with as much oil as fills the gaps between its grains so many times: what is
 * liquid gives way to grains or takes their place, each kind in its proportions, and the whole
 * weighs the same. Where there are no grains, or nothing liquid to change, it stays as it is.
 *
 * @param fill of the gaps; 1 just fills them
 */
export const withPaste = (recipe: Recipe, evaluation: Evaluation, fill: number): Recipe => {
  const { mixture } = evaluation;
  const paste = pasteOf(mixture);
  if (!paste) return recipe;
  const liquids = mixture.bases.filter(({ base }) => base.trueDensityGPerMl === undefined);
  const grains = mixture.bases.filter(({ base }) => base.trueDensityGPerMl !== undefined);
  const sum = (list: typeof liquids, of: (entry: (typeof liquids)[number]) => number): number =>
    list.reduce((total, entry) => total + of(entry), 0);
  const liquidG = sum(liquids, ({ g }) => g.likely);
  const liquidMl = sum(liquids, ({ ml }) => ml.likely);
  const grainG = sum(grains, ({ g }) => g.likely);
  if (liquidG <= 0 || grainG <= 0) return recipe;
  const density = liquidG / liquidMl;
  const gapPerG = paste.gapsMl / grainG;
  const oilMl = paste.wetMl - liquidMl;
  // grains + liquids weigh what they do, and liquids + oils are so many times the gaps.
  const nextGrainG = (grainG + liquidG + oilMl * density) / (1 + fill * gapPerG * density);
  const nextLiquidG = grainG + liquidG - nextGrainG;
  if (nextLiquidG <= 0) return recipe;
  return withMasses(
    recipe,
    evaluation,
    new Map([
      ...grains.map(({ base, g }) => [base.id, (g.likely * nextGrainG) / grainG] as const),
      ...liquids.map(({ base, g }) => [base.id, (g.likely * nextLiquidG) / liquidG] as const),
    ]),
  );
};
