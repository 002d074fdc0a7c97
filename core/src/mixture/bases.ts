import type { Base } from '../catalog';
import type { By } from '../recipe';

/** How much of a base: as it was typed. Amounts are of the whole that is mixed at once. */
export type BaseMeasure =
  | { readonly by: 'parts'; readonly parts: number }
  | { readonly by: 'percent'; readonly percent: number }
  | { readonly by: 'ml'; readonly ml: number }
  | { readonly by: 'g'; readonly g: number };

export interface AskedBase {
  readonly base: Base;
  readonly measure: BaseMeasure;
}

/** An essential oil as far as the bases must leave room for it. */
export interface AskedOil {
  /** Null where nothing is known of it; it then weighs as much as what it takes the place of. */
  readonly densityGPerMl: number | null;
  /** A settled volume, or a share of the whole, 0 to 1, by what the blend is measured by. */
  readonly amount:
    { readonly by: 'ml'; readonly ml: number } | { readonly by: 'share'; readonly share: number };
}

/** Bases worked out: what each takes up in the whole. */
export interface SettledBases {
  readonly ok: true;
  /** The whole that is mixed at once, in ml. */
  readonly wholeMl: number;
  /** Each base with the density that it has in this mixture, and the ml that it takes up. */
  readonly bases: readonly { readonly base: Base; readonly ml: number }[];
  /** The ml of each oil. */
  readonly oilMl: readonly number[];
  /** What dry matter makes of it: a paste, or grains that oil only coats; null without any. */
  readonly grain: 'paste' | 'dry' | null;
}

/** Why bases cannot be settled. */
export interface BasesProblem {
  readonly ok: false;
  readonly code: 'no-room' | 'over-all';
  /** What is fixed comes to this, in ml, or in percent where shares are too many. */
  readonly value: number;
  /** What there is room for, in the same unit. */
  readonly limit: number;
}

interface Item {
  readonly density: number;
  readonly ml?: number;
  readonly share?: number;
  readonly parts?: number;
}

interface Solution {
  readonly wholeMl: number;
  readonly ml: readonly number[];
}

const volumePer = (by: By, density: number): number => (by === 'weight' ? 1 / density : 1);

/**
 * Solves for the whole: what is fixed, what is a share of the whole, and what is left is
 * parted among the rest. With a fill line the volume V is given, and by weight
 *
 *   rest = V - fixed ml - M x sum(share / density)
 *   M = fixed g + M x sum(share) + density of the rest x rest
 *
 * which is linear in the mass M. Without a rest the whole is what is fixed over what the
 * shares leave.
 */
const solve = (items: readonly Item[], by: By, wholeMl: number | null): Solution | BasesProblem => {
  const fixedMl = items.reduce((total, { ml = 0 }) => total + ml, 0);
  const fixedG = items.reduce((total, { ml = 0, density }) => total + ml * density, 0);
  const shares = items.reduce((total, { share = 0 }) => total + share, 0);
  const sharesMl = items.reduce(
    (total, { share = 0, density }) => total + share * volumePer(by, density),
    0,
  );
  const parts = items.reduce((total, item) => total + (item.parts ?? 0), 0);
  const partsMl = items.reduce(
    (total, item) => total + (item.parts ?? 0) * volumePer(by, item.density),
    0,
  );
  if (shares > 1 - 1e-9) {
    return { ok: false, code: 'over-all', value: 100 * shares, limit: 100 };
  }
  // Of one unit of the whole: its mass by weight, its volume by volume.
  const of = (whole: number, restMl: number, volume: number): Solution => ({
    wholeMl: volume,
    ml: items.map(({ ml, share, parts: part, density }) => {
      if (ml !== undefined) return ml;
      if (share !== undefined) return share * whole * volumePer(by, density);
      return (restMl * (part ?? 0) * volumePer(by, density)) / partsMl;
    }),
  });
  if (parts === 0) {
    if (by === 'volume') {
      const volume = fixedMl / (1 - shares);
      return of(volume, 0, volume);
    }
    const mass = fixedG / (1 - shares);
    return of(mass, 0, fixedMl + mass * sharesMl);
  }
  const volume = wholeMl ?? 0;
  const restDensity = by === 'weight' ? parts / partsMl : 1;
  const whole =
    by === 'volume'
      ? volume
      : (fixedG + restDensity * (volume - fixedMl)) / (1 - shares + restDensity * sharesMl);
  const restMl = volume - fixedMl - whole * sharesMl;
  if (restMl <= 1e-9) {
    return { ok: false, code: 'no-room', value: fixedMl + whole * sharesMl, limit: volume };
  }
  return of(whole, restMl, volume);
};

/**
 * Works out what each base takes up. Where some base is by parts, or all are by percent,
 * the whole is given and they fill what the oils and the fixed ones leave free; percents
 * alone are then shares among each other. Where all are amounts, the whole is what they
 * come to.
 *
 * Dry matter takes up its own volume where the oil fills the gaps between its grains (a
 * paste), and its volume as it lies where there is less oil than gaps.
 *
 * @param wholeMl what is to be mixed at once, in ml, above 0; read where it is not set by
 *   the amounts
 */
export const settleBases = (
  wanted: readonly AskedBase[],
  oils: readonly AskedOil[],
  by: By,
  wholeMl: number,
): SettledBases | BasesProblem => {
  const hasRest = wanted.some(({ measure }) => measure.by === 'parts');
  const allShares = wanted.every(({ measure }) => measure.by === 'percent');
  const looseness = new Map<Base, number>();
  const densityOf = (base: Base): number => {
    const { densityGPerMl: bulk, trueDensityGPerMl: own } = base;
    if (own === undefined) return bulk;
    const loose = looseness.get(base) ?? 0;
    return 1 / (1 / own + loose * (1 / bulk - 1 / own));
  };
  const baseItem = ({ base, measure }: AskedBase): Item => {
    const density = densityOf(base);
    switch (measure.by) {
      case 'ml':
        // A powder is measured as it lies.
        return { density, ml: (measure.ml * base.densityGPerMl) / density };
      case 'g':
        return { density, ml: measure.g / density };
      case 'percent':
        return allShares
          ? { density, parts: measure.percent }
          : { density, share: measure.percent / 100 };
      case 'parts':
        return { density, parts: measure.parts };
    }
  };
  const oilItem = ({ densityGPerMl, amount }: AskedOil, meanDensity: number): Item => {
    const density = densityGPerMl ?? meanDensity;
    return amount.by === 'ml' ? { density, ml: amount.ml } : { density, share: amount.share };
  };
  const grains = wanted.filter(({ base }) => base.trueDensityGPerMl !== undefined);
  let grain: SettledBases['grain'] = grains.length > 0 ? 'paste' : null;
  let solved: Solution | BasesProblem;
  // What the grains take up depends on how much oil there is, and that on the grains.
  for (let round = 0; ; round += 1) {
    const items = wanted.map(baseItem);
    const mean = items.reduce((total, item) => total + item.density, 0) / Math.max(1, items.length);
    solved = solve(
      [...items, ...oils.map((oil) => oilItem(oil, mean))],
      by,
      hasRest || allShares ? wholeMl : null,
    );
    if (!('ml' in solved) || grains.length === 0 || round === 60) break;
    const { ml } = solved;
    let gaps = 0;
    wanted.forEach(({ base }, index) => {
      if (base.trueDensityGPerMl === undefined) return;
      const g = (ml[index] ?? 0) * densityOf(base);
      gaps += g * (1 / base.densityGPerMl - 1 / base.trueDensityGPerMl);
    });
    const wet = ml.reduce(
      (total, entry, index) =>
        wanted[index]?.base.trueDensityGPerMl === undefined ? total + entry : total,
      0,
    );
    const loose = Math.max(0, gaps > 0 ? 1 - wet / gaps : 0);
    grain = loose > 1e-9 ? 'dry' : 'paste';
    const before = looseness.get(grains[0]?.base as Base) ?? 0;
    for (const { base } of grains) looseness.set(base, loose);
    if (Math.abs(loose - before) < 1e-10) break;
  }
  if (!('ml' in solved)) return solved;
  const { ml, wholeMl: whole } = solved;
  return {
    ok: true,
    wholeMl: whole,
    bases: wanted.map(({ base }, index) => ({
      base:
        base.trueDensityGPerMl === undefined
          ? base
          : {
              ...base,
              densityGPerMl: densityOf(base),
              bulkDensityGPerMl: base.densityGPerMl,
            },
      ml: ml[index] ?? 0,
    })),
    oilMl: oils.map((_, index) => ml[wanted.length + index] ?? 0),
    grain,
  };
};
