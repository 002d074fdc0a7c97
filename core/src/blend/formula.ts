import type { Vessel } from '../brief/vessel';
import type { By } from './bases';
import type { Form, LooseUnit } from '../library/measures';
import type { Range } from '../quantity/range';
import type { Carrier, DropSchoolId, Oil } from '../library/schema';

/** How much of an oil: as it was typed. Drops and measures are of one vessel. */
export type OilMeasure =
  | { readonly by: 'drops'; readonly drops: number }
  | { readonly by: 'ml'; readonly ml: number }
  | { readonly by: 'g'; readonly g: number }
  | { readonly by: 'parts'; readonly parts: number };

/** An open bottle on the shelf, as far as a blend must know it. */
export interface BottleInUse {
  readonly lot: string;
  /** The day from which it is past its time. */
  readonly keepsUntil: string;
  /** What sets that day: the date printed on it, or how long the oil keeps once opened. */
  readonly because: 'printed' | 'opened';
  /** True where that day is past. */
  readonly past: boolean;
}

export interface FormulaOil {
  readonly oil: Oil;
  readonly measure: OilMeasure;
  /** One drop of this very bottle in ml, where it was weighed. */
  readonly dropMl?: Range;
  /** The bottle on the shelf that is in use, where there is one. */
  readonly bottle?: BottleInUse;
}

/** A solid measured by volume: so many spoons, and what may lie in them. */
export interface LooseAmount {
  /** As it was typed: 2 of `tablespoon`, or of `ml`. */
  readonly value: number;
  readonly unit: LooseUnit;
  readonly form: Form;
  /** What it comes to, in ml as it lies. */
  readonly ml: number;
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

/** What is mixed at once: in one vessel, or in the jug from which several are filled. */
export interface Formula {
  readonly vessel: Vessel;
  /** Kinds of the vessels that are filled from it, where it is a jug. */
  readonly into?: readonly string[];
  /** What strength is shown by; by volume where it is left out. */
  readonly by?: By;
  readonly dropSchool: DropSchoolId;
  readonly oils: readonly FormulaOil[];
  /** At least one. */
  readonly bases: readonly FormulaBase[];
  /** Essential oil asked for, in percent of the fill by volume. Parts need it. */
  readonly targetPercent?: number;
}

/** An oil of which the amount is settled: parts have become drops. */
export interface MeasuredOil {
  readonly oil: Oil;
  /** Whole drops; null where it is measured in ml or g. */
  readonly drops: number | null;
  readonly ml: Range;
  /** What it weighs, in g, where it was put on a scale. */
  readonly weighedG?: number;
  readonly bottle?: BottleInUse;
}
