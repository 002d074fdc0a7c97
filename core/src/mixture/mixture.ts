import { exactly, larger, scale, sum, type Range } from '../quantity';
import type { Oil } from '../catalog';
import { massOf, type BaseInBlend, type OilInBlend } from './inBlend';
import { densityOf, gramsOfMl, isDensityAssumed } from './density';
import type { FormulaBase, MeasuredOil } from './formula';

/** One container, filled to its line: every amount and strength in it. */
export interface Mixture {
  readonly fillMl: number;
  /** Mean density of the bases as they are mixed, in g/ml. */
  readonly baseDensity: number;
  readonly oils: readonly OilInBlend[];
  readonly bases: readonly BaseInBlend[];
  readonly totalMl: Range;
  readonly totalG: Range;
  /** All essential oil together, in percent. */
  readonly strength: { readonly byVolume: Range; readonly byWeight: Range };
}

/** Mean density of the bases as they are mixed, in g/ml: parts are by volume. */
export const baseDensity = (bases: readonly FormulaBase[]): number => {
  const parts = bases.reduce((total, { parts }) => total + parts, 0);
  // Where none of them is in yet they weigh what they weigh each.
  return parts > 0
    ? bases.reduce((total, entry) => total + entry.parts * entry.base.densityGPerMl, 0) / parts
    : bases.reduce((total, { base }) => total + base.densityGPerMl, 0) / bases.length;
};

/** The essential oil in oils that are measured, in ml on likely drops. */
export const essentialMl = (oils: readonly Pick<MeasuredOil, 'oil' | 'ml'>[]): number =>
  oils.reduce((total, { oil, ml }) => total + essentialShare(oil) * ml.likely, 0);

/**
 * How much of it is essential oil, 0 to 1. A ready-made blend counts at what its label
 * states; where that is not known it counts in full, and a finding says so.
 */
export const essentialShare = ({ essentialShare: share }: Oil): number => share ?? 1;

/** An oil by its volume and density, at every end that they may be at together. */
interface Dense {
  readonly ml: Range;
  /** Likely, in g/ml. */
  readonly density: number;
  /** Where the density is assumed: the ends of volume and density; null where it is known. */
  readonly ends: readonly { readonly ml: number; readonly density: number }[] | null;
}

const endsOf = ({ oil, ml, weighedG }: MeasuredOil): Dense['ends'] => {
  if (!isDensityAssumed(oil)) return null;
  // On a scale the mass is known, and the volume follows from the density.
  if (weighedG !== undefined) {
    return [ml.low, ml.high].map((volume) => ({
      ml: volume,
      density: volume > 0 ? weighedG / volume : 0,
    }));
  }
  const { low, high } = densityOf(oil);
  return [ml.low, ml.high].flatMap((volume) =>
    [low, high].map((density) => ({ ml: volume, density })),
  );
};

const densities = new WeakMap<readonly MeasuredOil[], readonly Dense[]>();

/** Oils with their densities. Asked many times of the same oils, so it is kept as long as they are. */
const withDensity = (oils: readonly MeasuredOil[]): readonly Dense[] => {
  const before = densities.get(oils);
  if (before) return before;
  const dense = oils.map((entry) => ({
    ml: entry.ml,
    density: densityOf(entry.oil).likely,
    ends: endsOf(entry),
  }));
  densities.set(oils, dense);
  return dense;
};

/** What an oil weighs: as the scale said, else by its density. */
const massOfOil = ({ oil, ml, weighedG }: MeasuredOil): Range =>
  weighedG === undefined ? gramsOfMl(ml, oil) : exactly(weighedG);

const capped = (percent: number): number => Math.min(100, Math.max(0, percent));

/** A weight for each oil: one for all, or one where a weight itself is a range. */
export type Weights = Readonly<Record<'low' | 'likely' | 'high', readonly number[]>>;

/** Weights that are known exactly. */
export const sureWeights = (weights: readonly number[]): Weights => ({
  low: weights,
  likely: weights,
  high: weights,
});

/**
 * Of the weighted sum over oils of `weight x share`, in percent, the least, the
 * likely and the most. A share is `ml / fill` by volume, `g / whole g` by weight.
 * The fill line fixes the volume, so the whole weighs
 * `base density x fill + sum((oil density - base density) x ml)`.
 *
 * By weight the ratio is driven to each end: an oil whose own volume raises the
 * ratio is taken high for the most, the others low. Whether it does depends on
 * the ratio itself, so this is repeated until it is still (Dinkelbach's
 * method for a ratio of linear functions, which here settles in two or three
 * rounds).
 */
export const weightedShare = (
  oils: readonly MeasuredOil[],
  weights: Weights,
  whole: { readonly fillMl: number; readonly baseDensity: number },
): { byVolume: Range; byWeight: Range } => {
  const { fillMl } = whole;
  const byVolume = { low: 0, likely: 0, high: 0 };
  oils.forEach(({ ml }, index) => {
    byVolume.low += ((weights.low[index] ?? 0) * ml.low * 100) / fillMl;
    byVolume.likely += ((weights.likely[index] ?? 0) * ml.likely * 100) / fillMl;
    byVolume.high += ((weights.high[index] ?? 0) * ml.high * 100) / fillMl;
  });
  return { byVolume, byWeight: shareByWeight(withDensity(oils), weights, whole) };
};

type End = 'low' | 'likely' | 'high';

/** The ratio at one end, driven until it is still. */
const ratioAt = (
  dense: readonly Dense[],
  weights: readonly number[],
  whole: { readonly fillMl: number; readonly baseDensity: number },
  end: End,
  start: number,
): number => {
  const { baseDensity: base } = whole;
  let value = start;
  for (let round = 0; round < 20; round += 1) {
    let part = 0;
    let all = base * whole.fillMl;
    for (let index = 0; index < dense.length; index += 1) {
      const entry = dense[index];
      if (!entry) continue;
      const { ml, ends } = entry;
      let { density } = entry;
      const weight = weights[index] ?? 0;
      if (ends !== null && end !== 'likely') {
        // What this end of an oil adds, beyond what it costs at the ratio so far.
        let best = end === 'high' ? -Infinity : Infinity;
        let at = ends[0];
        for (const entry of ends) {
          const gain =
            weight * entry.density * entry.ml - value * (entry.density - base) * entry.ml;
          if (end === 'high' ? gain > best : gain < best) [best, at] = [gain, entry];
        }
        density = at?.density ?? density;
        part += weight * density * (at?.ml ?? 0);
        all += (density - base) * (at?.ml ?? 0);
        continue;
      }
      const isGain = weight * density - value * (density - base) > 0;
      const volume = end === 'likely' ? ml.likely : isGain === (end === 'high') ? ml.high : ml.low;
      part += weight * density * volume;
      all += (density - base) * volume;
    }
    const next = part / all;
    if (Math.abs(next - value) <= 1e-14 * Math.max(1, Math.abs(next))) return next;
    value = next;
  }
  return value;
};

const shareByWeight = (
  dense: readonly Dense[],
  weights: Weights,
  whole: { readonly fillMl: number; readonly baseDensity: number },
): Range => {
  const likely = ratioAt(dense, weights.likely, whole, 'likely', 0);
  return {
    low: 100 * ratioAt(dense, weights.low, whole, 'low', likely),
    likely: 100 * likely,
    high: 100 * ratioAt(dense, weights.high, whole, 'high', likely),
  };
};

const cappedRange = ({ low, likely, high }: Range): Range => ({
  low: capped(low),
  likely: capped(likely),
  high: capped(high),
});

/** Whole mass at both ends: dense oils high and light ones low for the most, and the reverse. */
const wholeMass = (oils: readonly MeasuredOil[], density: number, fillMl: number): Range => {
  const total = { low: density * fillMl, likely: density * fillMl, high: density * fillMl };
  for (const { ml, density: own, ends } of withDensity(oils)) {
    const excess = own - density;
    total.likely += excess * ml.likely;
    if (ends === null) {
      total.low += excess * (excess > 0 ? ml.low : ml.high);
      total.high += excess * (excess > 0 ? ml.high : ml.low);
    } else {
      const at = ends.map((end) => (end.density - density) * end.ml);
      total.low += Math.min(...at);
      total.high += Math.max(...at);
    }
  }
  return total;
};

/**
 * Fills one container to its line with these oils and tops it up with the bases.
 *
 * @param oils settled amounts; on likely drops they must fit under the line
 * @param bases at least one; with parts of 0 where none is in yet
 * @param fillMl what the container takes, above 0
 */
export const mix = (
  oils: readonly MeasuredOil[],
  bases: readonly FormulaBase[],
  fillMl: number,
): Mixture => {
  const density = baseDensity(bases);
  const parts = bases.reduce((total, entry) => total + entry.parts, 0);
  const allOil = sum(oils.map(({ ml }) => ml));
  const room: Range = {
    low: Math.max(0, fillMl - allOil.high),
    likely: Math.max(0, fillMl - allOil.likely),
    high: Math.max(0, fillMl - allOil.low),
  };
  const whole = { fillMl, baseDensity: density };
  const dense = withDensity(oils);
  const strength = weightedShare(
    oils,
    sureWeights(oils.map(({ oil }) => essentialShare(oil))),
    whole,
  );
  return {
    fillMl,
    baseDensity: density,
    oils: oils.map((entry, index) => {
      const weights = Array<number>(oils.length).fill(0);
      weights[index] = 1;
      const byVolume = cappedRange(scale(entry.ml, 100 / fillMl));
      const byWeight = cappedRange(shareByWeight(dense, sureWeights(weights), whole));
      return {
        oil: entry.oil,
        ...(entry.bottle ? { bottle: entry.bottle } : {}),
        drops: entry.drops,
        ...(entry.atLeast === undefined ? {} : { atLeast: entry.atLeast }),
        ml: entry.ml,
        ...(entry.weighedG === undefined ? {} : { weighedG: entry.weighedG }),
        g: massOfOil(entry),
        byVolume,
        byWeight,
        percent: larger(byVolume, byWeight),
      };
    }),
    bases: bases.map((entry) => {
      const { base, bottle, loose } = entry;
      const ml = scale(room, parts > 0 ? entry.parts / parts : 0);
      return {
        base,
        ml,
        g: massOf(entry, ml),
        ...(loose ? { loose } : {}),
        ...(bottle ? { bottle } : {}),
      };
    }),
    totalMl: { low: fillMl, likely: fillMl, high: fillMl },
    totalG: wholeMass(oils, density, fillMl),
    strength: {
      byVolume: cappedRange(strength.byVolume),
      byWeight: cappedRange(strength.byWeight),
    },
  };
};
