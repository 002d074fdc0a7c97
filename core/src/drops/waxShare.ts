import { textureOf, waxFor } from '../mixture';
import type { Recipe } from '../recipe';
import type { Evaluation } from './evaluate';
import { withMasses } from './masses';

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
