import { type Catalog, catalogWithMixed, type Base, type Oil } from '../catalog';
import { preDilutionsIn, type PreDilution, type Recipe } from '../recipe';
import { exactly, scale, sum } from '../quantity';
import { densityOf, gramsOfMl } from './density';
import { dropOf } from './drops';
import type { OilInBlend } from './inBlend';
import type { Mixture } from './mixture';

/** A pre-dilution as it is mixed once: what goes into it, and what that comes to. */
export interface PreDiluted {
  /** The id of the oil that it is in the blend. */
  readonly id: string;
  readonly name: string;
  readonly oils: readonly { readonly oil: Oil; readonly drops: number; readonly ml: number }[];
  readonly carrier: Base;
  readonly carrierMl: number;
  /** Oils and carrier, in ml on likely drops. */
  readonly ml: number;
  /** Essential oil in it, in percent by volume. */
  readonly percent: number;
}

/** `Pre-dilution`, and `Pre-dilution 2` for the second. */
const nameOf = (id: string): string => {
  const n = Number(id.replace('own-mix-', ''));
  return n > 1 ? `Pre-dilution ${n}` : 'Pre-dilution';
};

/**
 * What a pre-dilution comes to; null where something of it is not in this house.
 *
 * @param isMade it was mixed from the bottles of that day, and those that are open now do not count
 */
const preDiluted = (
  catalog: Pick<Catalog, 'oil' | 'base' | 'openBottle'>,
  { id, oils, carrier: { id: carrierId, ml: carrierMl } }: PreDilution,
  dropsPerMl: number,
  isMade = false,
): PreDiluted | null => {
  const carrier = catalog.base(carrierId);
  const counted = oils.flatMap(({ id: oilId, drops, dropMl }) => {
    const oil = catalog.oil(oilId);
    if (!oil) return [];
    const weighed = dropMl ?? (isMade ? undefined : catalog.openBottle(oilId)?.dropMl);
    const one = dropOf({ oil, ...(weighed ? { dropMl: weighed } : {}) }, dropsPerMl).likely;
    return [{ oil, drops, ml: drops * one }];
  });
  if (!carrier || counted.length < oils.length) return null;
  const oilMl = counted.reduce((total, { ml }) => total + ml, 0);
  const ml = oilMl + carrierMl;
  const name = nameOf(id);
  return { id, name, oils: counted, carrier, carrierMl, ml, percent: (100 * oilMl) / ml };
};

/** The pre-dilutions of a recipe, as each is mixed once. */
export const preDilutedIn = (
  catalog: Catalog,
  recipe: Recipe,
  isMade = false,
): readonly PreDiluted[] =>
  preDilutionsIn(recipe).flatMap(
    (one) => preDiluted(catalog, one, recipe.dropsPerMl, isMade) ?? [],
  );

/** The materials of a house with the pre-dilutions of a recipe, each as an oil of its own. */
export const catalogOfRecipe = (house: Catalog, recipe: Recipe, isMade = false): Catalog => {
  const mixed = preDilutedIn(house, recipe, isMade);
  return mixed.length === 0
    ? house
    : catalogWithMixed(
        house,
        mixed.map(({ id, name, oils, carrier, carrierMl, ml, percent }) => ({
          kind: 'ready-made',
          id,
          name,
          botanical: '',
          densityGPerMl:
            oils.reduce(
              (g, entry) => g + entry.ml * densityOf(entry.oil).likely,
              carrierMl * carrier.densityGPerMl,
            ) / ml,
          shelfYears: Math.min(...oils.map(({ oil }) => oil.shelfYears)),
          note: 'middle',
          viscosity: 'thin',
          source: 'mixed for this blend',
          essentialPercent: percent,
          parts: oils.map((entry) => ({ id: entry.oil.id, parts: entry.ml })),
          carriers: [{ id: carrier.id, parts: 1 }],
        })),
      );
};

/** How much of a pre-dilution a blend takes, and how often it is mixed for that. */
export interface PreDilutionNeed {
  readonly mixed: PreDiluted;
  /** 1 or more. */
  readonly times: number;
  /** What goes into the blend, in ml on likely drops. */
  readonly neededMl: number;
  /** What of it stays over, in ml. */
  readonly leftMl: number;
}

/** Two volumes in ml that differ by less than this are the same. */
const same = 1e-9;

/** @param neededMl what goes into all containers, in ml */
export const preDilutionNeed = (mixed: PreDiluted, neededMl: number): PreDilutionNeed => {
  const times = Math.max(1, Math.ceil(neededMl / mixed.ml - same));
  return { mixed, times, neededMl, leftMl: times * mixed.ml - neededMl };
};

/**
 * A mixture as it comes out of bottles: in place of each pre-dilution what is mixed for it, to be
 * bought and set out.
 *
 * @param count of how many containers the mixture is each
 */
export const outOfBottles = (
  mixture: Mixture,
  mixes: readonly PreDiluted[],
  count: number,
): Mixture => {
  if (mixes.length === 0) return mixture;
  const oils = new Map<string, OilInBlend>();
  const bases = new Map(mixture.bases.map((entry) => [entry.base.id, entry]));
  const add = (entry: OilInBlend): void => {
    const before = oils.get(entry.oil.id);
    oils.set(
      entry.oil.id,
      before
        ? {
            ...before,
            drops:
              before.drops === null || entry.drops === null ? null : before.drops + entry.drops,
            ml: sum([before.ml, entry.ml]),
            g: sum([before.g, entry.g]),
          }
        : entry,
    );
  };
  for (const entry of mixture.oils) {
    const mixed = mixes.find(({ id }) => id === entry.oil.id);
    if (!mixed) {
      add(entry);
      continue;
    }
    const { times } = preDilutionNeed(mixed, count * entry.ml.likely);
    for (const { oil, drops, ml } of mixed.oils) {
      const each = exactly((times * ml) / count);
      add({
        ...entry,
        oil,
        drops: count === 1 ? times * drops : null,
        ml: each,
        g: gramsOfMl(each, oil),
      });
    }
    const { carrier } = mixed;
    const ml = exactly((times * mixed.carrierMl) / count);
    const more = { ml, g: scale(ml, carrier.densityGPerMl) };
    const before = bases.get(carrier.id);
    bases.set(
      carrier.id,
      before
        ? { ...before, ml: sum([before.ml, more.ml]), g: sum([before.g, more.g]) }
        : { base: carrier, ...more },
    );
  }
  return { ...mixture, oils: [...oils.values()], bases: [...bases.values()] };
};
