import type { ContainerKind, BottleInUse, Carrier, Container, Oil } from '../catalog';
import type { By, LooseAmount } from '../recipe';
import type { Range } from '../quantity';

/** How much of an oil: as it was typed. Drops and measures are of one container. */
export type OilMeasure =
  /** Of a range of drops its high end, with its low end. */
  | { readonly by: 'drops'; readonly drops: number; readonly atLeast?: number }
  | { readonly by: 'ml'; readonly ml: number }
  | { readonly by: 'g'; readonly g: number }
  | { readonly by: 'parts'; readonly parts: number };

export interface FormulaOil {
  readonly oil: Oil;
  readonly measure: OilMeasure;
  /** One drop of this very bottle in ml, where it was weighed. */
  readonly dropMl?: Range;
  /** The bottle on the shelf that is in use, where there is one. */
  readonly bottle?: BottleInUse;
}

export interface FormulaBase {
  readonly base: Carrier;
  /** Share by volume of what the oils leave free of the whole. */
  readonly parts: number;
  /** Measured by spoons or cups of something that lies loosely: as it was typed. */
  readonly loose?: LooseAmount;
  /** The bottle on the shelf that is in use, where there is one. */
  readonly bottle?: BottleInUse;
}

/** What is mixed at once: in one container, or in the jug from which several are filled. */
export interface Formula {
  readonly container: Container;
  /** Kinds of the containers that are filled from it, where it is a jug. */
  readonly into?: readonly ContainerKind[];
  /** What strength is shown by. */
  readonly by: By;
  /** Drops to the ml, where a drop was not measured. */
  readonly dropsPerMl: number;
  readonly oils: readonly FormulaOil[];
  /** At least one. */
  readonly bases: readonly FormulaBase[];
  /** Essential oil asked for, in percent of the fill by volume. Parts need it. */
  readonly targetPercent?: number;
  /** Of a range that is asked for its high end: whole drops stay below it where any do. */
  readonly targetUpToPercent?: number;
}

/** An oil of which the amount is settled: parts have become drops. */
export interface MeasuredOil {
  readonly oil: Oil;
  /** Whole drops; null where it is measured in ml or g. */
  readonly drops: number | null;
  /** Of a range of drops its low end: as few are right too. */
  readonly atLeast?: number;
  readonly ml: Range;
  /** What it weighs, in g, where it was put on a scale. */
  readonly weighedG?: number;
  readonly bottle?: BottleInUse;
}
