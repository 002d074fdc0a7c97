import type { Vessel } from '../brief/vessel';
import type { Range } from '../quantity/range';
import type { Carrier, DropSchoolId, Oil } from '../library/schema';

/** How much of an oil: as it was typed. Drops and measures are of one vessel. */
export type OilMeasure =
  | { readonly by: 'drops'; readonly drops: number }
  | { readonly by: 'ml'; readonly ml: number }
  | { readonly by: 'g'; readonly g: number }
  | { readonly by: 'parts'; readonly parts: number };

export interface FormulaOil {
  readonly oil: Oil;
  readonly measure: OilMeasure;
  /** One drop of this very bottle in ml, where it was weighed. */
  readonly dropMl?: Range;
}

export interface FormulaBase {
  readonly base: Carrier;
  /** Share by volume of what the oils leave free up to the fill line. */
  readonly parts: number;
}

/** What goes into one vessel. */
export interface Formula {
  readonly vessel: Vessel;
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
}
