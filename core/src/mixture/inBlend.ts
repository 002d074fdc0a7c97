import { looseDensity, type BottleInUse, type Carrier } from '../catalog';
import { scale, type Range } from '../quantity';
import type { LooseAmount } from '../recipe';
import type { FormulaBase, MeasuredOil } from './formula';

/** An oil in the blend: how much of it, and how strong it makes the blend. */
export interface OilInBlend extends MeasuredOil {
  /** A range where the density is assumed. */
  readonly g: Range;
  /** 100 x ml of oil / ml of the whole blend. */
  readonly byVolume: Range;
  /** 100 x g of oil / g of the whole blend. */
  readonly byWeight: Range;
  /** The larger of the two: what limits are checked against. */
  readonly percent: Range;
}

export interface BaseInBlend {
  readonly base: Carrier;
  readonly ml: Range;
  readonly g: Range;
  /** As it was typed, where it was measured by spoons or cups as it lies. */
  readonly loose?: LooseAmount;
  readonly bottle?: BottleInUse;
}

/**
 * What a base takes up as it is measured, in ml: a powder as it lies, with the air between its
 * grains, where in the mixture oil may have filled it.
 */
export const asItLies = ({
  base,
  ml,
  g,
  loose,
}: Pick<BaseInBlend, 'base' | 'ml' | 'g' | 'loose'>): number => {
  if (loose) return loose.ml;
  return base.trueDensityGPerMl === undefined
    ? ml.likely
    : g.likely / (base.bulkDensityGPerMl ?? base.densityGPerMl);
};

/** What a base weighs: of spoons of something loose the range of what may lie in them. */
export const massOf = ({ base, loose }: FormulaBase, ml: Range): Range => {
  const per = loose && looseDensity(base.id, loose.form);
  if (!per) return scale(ml, base.densityGPerMl);
  const likely = ml.likely * base.densityGPerMl;
  return {
    low: Math.min(likely, per.low * loose.ml),
    likely,
    high: Math.max(likely, per.high * loose.ml),
  };
};
