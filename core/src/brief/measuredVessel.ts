import { z } from 'zod';
import { usualVessels } from '../library/library';

/** Most that a vessel may be said to hold, in ml. */
export const largestVesselMl = 20_000;

const kinds = [...new Set(usualVessels.map(({ kind }) => kind))] as [string, ...string[]];

const mostOfName = 60;

const volume = z.number().positive().max(largestVesselMl);

/** A vessel of the maker's own, measured with water. */
export const measuredVesselSchema = z.strictObject({
  /** What the maker calls it. */
  name: z.string().min(1).max(mostOfName).optional(),
  kind: z.enum(kinds),
  nominalMl: volume,
  workingFillPercent: z.number().positive().max(100),
  /** What it holds to the very brim, in ml. */
  brimfulMl: volume.optional(),
});

/** One that stands in the house, by its name, for every blend to go into. */
export const ownVesselSchema = measuredVesselSchema.extend({
  name: z.string().trim().min(1).max(mostOfName),
});

/** A vessel of the house's own. */
export type OwnVessel = z.infer<typeof ownVesselSchema>;
