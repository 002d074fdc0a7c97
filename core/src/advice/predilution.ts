import { fillMl, type Catalog, type OwnMaterial, usualCarriers } from '../catalog';
import type { Calculated } from '../drops';
import { densityOf, dropOf, essentialShare } from '../mixture';
import type { Recipe } from '../recipe';
import type { SuggestedChange } from './change';

/**
 * Where one drop of an oil is already too much: so many drops of it into so much
 * carrier make a dilution of which one drop holds what may go in.
 *
 * @param mostMl what may go into the container, in ml, above 0
 * @param dropMl one drop of the oil, in ml, larger than `mostMl`
 * @returns one drop of oil in `carrierMl`; one drop of that holds at most `mostMl`
 */
export const predilution = (
  mostMl: number,
  dropMl: number,
): { readonly carrierMl: number; readonly share: number } => {
  // One drop of the dilution, of the same size, must hold no more than is allowed.
  const share = Math.min(1, mostMl / dropMl);
  const parts = Math.ceil(1 / share);
  return { carrierMl: (parts - 1) * dropMl, share: 1 / parts };
};

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
  { blend: { formula, name, count: containers } }: Calculated,
  aimedMl: readonly number[],
): SuggestedChange | null => {
  const entries = formula.oils;
  if (entries.length === 0 || aimedMl.some((ml) => ml <= 0)) return null;
  // What is diluted already, or the maker's own, is not diluted again.
  if (entries.some(({ oil }) => oil.own?.material || essentialShare(oil) < 1)) return null;
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
    const density =
      entries.reduce(
        (total, { oil }, i) => total + densityOf(oil).likely * (drops[i] ?? 0) * (dropMl[i] ?? 0),
        (catalog.base(carrierId)?.densityGPerMl ?? 0.9) * carrierMl,
      ) /
      (oilMl + carrierMl);
    const material: Extract<OwnMaterial, { kind: 'ready-made' }> = {
      kind: 'ready-made',
      id: 'own-predilution',
      name: `Pre-dilution for ${name || 'a blend'}`.slice(0, 120),
      botanical: '',
      densityGPerMl: Math.round(1000 * density) / 1000,
      shelfYears: Math.min(...entries.map(({ oil }) => oil.shelfYears)),
      note: 'middle',
      viscosity: 'thin',
      source: 'mixed from this recipe',
      essentialPercent: (100 * oilMl) / (oilMl + carrierMl),
      parts: entries.map(({ oil }, i) => ({
        id: oil.id,
        parts: (drops[i] ?? 0) * (dropMl[i] ?? 0),
      })),
      carriers: [{ id: carrierId, parts: 1 }],
    };
    return {
      kind: 'predilute',
      material,
      mix: Object.fromEntries(entries.map(({ oil }, i) => [oil.id, times * (drops[i] ?? 0)])),
      carrierId,
      carrierMl: times * carrierMl,
      drops: count,
      containers,
    };
  }
  return null;
};
