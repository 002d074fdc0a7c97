import { fillMl, type Catalog, usualCarriers } from '../catalog';
import type { Calculated } from '../drops';
import { dropOf, essentialShare } from '../mixture';
import { nextPreDilutionId, type PreDilution, type Recipe } from '../recipe';
import type { SuggestedChange } from './change';

/** Carrier that is easily measured, in ml. */
const carrierSteps: readonly number[] = [2.5, 5, 10, 15, 20, 30, 50, 100];

/** So few drops of a pre-dilution give the amount roughly; so many are tedious to count. */
const fewest = 6;
const most = 60;

/** Most drops of one oil that go into the carrier. */
const mostOfOne = 12;

/** Whole drops in about these proportions, the least of them one. */
const dropsInProportion = (ml: readonly number[], dropMl: readonly number[]): number[] => {
  const drops = ml.map((entry, i) => entry / (dropMl[i] ?? 1));
  const least = Math.min(...drops.filter((drop) => drop > 0));
  return drops.map((drop) => Math.min(mostOfOne, Math.max(1, Math.round(drop / least))));
};

/**
 * A pre-dilution for the whole blend in one step: drops of each oil in some carrier, and so many
 * drops of that. None where no handy amounts come near enough.
 *
 * @param aimedMl of each oil of the recipe, in ml, what should go in
 */
export const predilutedWhole = (
  catalog: Pick<Catalog, 'base'>,
  recipe: Recipe,
  { blend: { formula, count: containers } }: Calculated,
  aimedMl: readonly number[],
): SuggestedChange | null => {
  const entries = formula.oils;
  if (entries.length === 0 || aimedMl.some((ml) => ml <= 0)) return null;
  // What is diluted already is not diluted again.
  if (entries.some(({ oil }) => oil.madeOf !== undefined || essentialShare(oil) < 1)) return null;
  const carrierId =
    recipe.bases.find(({ id }) => catalog.base(id)?.kind === 'oil')?.id ?? usualCarriers[0];
  const dropMl = entries.map((entry) => dropOf(entry, formula.dropsPerMl).likely);
  const drops = dropsInProportion(aimedMl, dropMl);
  const oilMl = drops.reduce((total, count, i) => total + count * (dropMl[i] ?? 0), 0);
  const aimed = aimedMl.reduce((total, ml) => total + ml, 0);
  const oneMl = 1 / formula.dropsPerMl;
  const room = fillMl(formula.container) / 2;
  for (const carrierMl of carrierSteps) {
    const count = Math.floor((aimed * (oilMl + carrierMl)) / (oilMl * oneMl) + 1e-9);
    if (count < fewest) continue;
    if (count > most || count * oneMl > room) return null;
    // Enough of it for all containers that are filled by themselves.
    const times = Math.ceil((containers * count * oneMl) / (oilMl + carrierMl) - 1e-9);
    const mixed: PreDilution = {
      id: nextPreDilutionId(recipe),
      oils: entries.map(({ oil }, i) => ({ id: oil.id, drops: times * (drops[i] ?? 0) })),
      carrier: { id: carrierId, ml: times * carrierMl },
    };
    return { kind: 'predilute', mixed, drops: count, containers };
  }
  return null;
};
