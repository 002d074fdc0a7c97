import type { Mixture } from '../blend/mixture';
import { fillMl, type Vessel } from '../brief/vessel';
import { findVessel } from '../library/library';

/** What one press or spray takes, and how many there are in a vessel. */
export interface OneUse {
  /** Least and most that one gives, in ml. */
  readonly ml: readonly [number, number];
  /** Essential oil in it on likely drops, in ml. */
  readonly oilMl: readonly [number, number];
  /** Whole uses in a full vessel, fewest and most. */
  readonly uses: readonly [number, number];
}

/** Null where no dose of this vessel is known. */
export const oneUse = (vessel: Vessel, mixture: Mixture): OneUse | null => {
  const dose = vessel.id ? findVessel(vessel.id)?.doseMl : undefined;
  if (!dose) return null;
  const [least, most] = dose;
  const share = mixture.strength.byVolume.likely / 100;
  const uses = (ml: number): number => Math.floor(fillMl(vessel) / ml);
  return { ml: dose, oilMl: [least * share, most * share], uses: [uses(most), uses(least)] };
};
