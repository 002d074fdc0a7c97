import type { Catalog } from '../catalog';
import { catalogOfRecipe, dropOf, type BasesProblem, type SettledBases } from '../mixture';
import { mostDrops, type Recipe } from '../recipe';
import type { Blend } from './blend';
import { blendFrom } from './blendFrom';
import { missingOf } from './missing';
import type { Analyses } from './onBench';
import { settleInput, type SettleInput } from './settleInput';
import type { SettleProblem } from './settleProblem';
import { settleBeside, settleShares, targetPerMl } from './settleShares';
import { mostDropsOf } from './target';
import { wholeDrops } from './wholeDrops';

/** A recipe with its amounts settled, or why they cannot be. */
export type Settled =
  | { readonly ok: true; readonly blend: Blend }
  | { readonly ok: false; readonly problem: SettleProblem };

/** Most that is mixed at once, in ml: 200 litres, a barrel. */
const largestBatchMl = 200_000;

/**
 * How often amounts are settled again where the drops that are reached change the whole: each
 * time they differ by less, and by then by less than a drop.
 */
const mostRounds = 5;

/** Two volumes in ml that differ by less than this are the same. */
const volumeToleranceMl = 1e-9;

const refused = ({ code, value, limit }: BasesProblem): Settled => ({
  ok: false,
  problem: { code, value, limit, path: ['bases'] },
});

/** Why a plan is too large to be worked with; null where it is not. A batch that was made is not. */
const tooLarge = (wholeMl: number, blend: Blend): SettleProblem | null => {
  if (wholeMl > largestBatchMl) {
    return { code: 'too-large', value: wholeMl, limit: largestBatchMl, path: ['bases'] };
  }
  const drops = mostDropsOf(blend.formula) * blend.count;
  return drops > mostDrops
    ? { code: 'too-many-drops', value: drops, limit: mostDrops, path: ['oils'] }
    : null;
};

/** What whole drops of the oils by parts add up to, in ml on likely drops. */
const partsMlOf = ({ formula }: Blend, drops: readonly (number | null)[]): number =>
  formula.oils.reduce(
    (total, entry, index) =>
      entry.measure.by === 'parts'
        ? total + dropOf(entry, formula.dropsPerMl).likely * (drops[index] ?? 0)
        : total,
    0,
  );

/**
 * The second pass: what the maker fixed stays. Where the drops of the parts add up to less than was
 * wanted, or to a part of a drop more, the whole is smaller or larger by that.
 */
const settleOnDrops = (
  input: SettleInput,
  { oilMl }: SettledBases,
  first: Blend,
  perMl: number,
): Blend => {
  let blend = first;
  let partsMl = oilMl.slice(input.fixed.length).reduce((total, ml) => total + ml, 0);
  for (let round = 0; round < mostRounds; round += 1) {
    const { drops } = wholeDrops(blend.formula, blend.brief, blend.guideline);
    const reachedMl = partsMlOf(blend, drops);
    if (Math.abs(reachedMl - partsMl) < volumeToleranceMl) break;
    partsMl = reachedMl;
    const next = settleBeside(input, { by: 'ml', ml: reachedMl });
    if (!next.ok) break;
    blend = blendFrom(input, next, perMl);
  }
  return blend;
};

const settleWith = (house: Catalog, recipe: Recipe, made: Analyses | null): Settled => {
  const catalog = catalogOfRecipe(house, recipe, made !== null);
  const missing = missingOf(catalog, recipe, made !== null);
  if (missing) return { ok: false, problem: missing };
  const input = settleInput(catalog, recipe, made);
  const settled = settleShares(input);
  if (!settled.ok) return refused(settled);
  const perMl = targetPerMl(input, settled);
  const blend = blendFrom(input, settled, perMl);
  const problem = made ? null : tooLarge(settled.wholeMl, blend);
  if (problem) return { ok: false, problem };
  return {
    ok: true,
    blend: input.hasParts && !input.topsUp ? settleOnDrops(input, settled, blend, perMl) : blend,
  };
};

/**
 * Settles the amounts of a recipe that has a brief and at least one base: from the materials of
 * the house, and the bottles that are open today.
 */
export const settle = (catalog: Catalog, recipe: Recipe): Settled =>
  settleWith(catalog, recipe, null);

/**
 * The blend of a batch as it was made: from the bottles of that day, with the drops of that day.
 *
 * @param catalog with the materials that the batch carries
 * @param analyses what had been found of its bottles
 */
export const settleMade = (catalog: Catalog, recipe: Recipe, analyses: Analyses = {}): Blend => {
  const settled = settleWith(catalog, recipe, analyses);
  if (!settled.ok) throw new Error(`the batch of “${recipe.name}” cannot be worked out`);
  return settled.blend;
};
