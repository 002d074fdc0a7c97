import { z } from 'zod';
import { nameSchema } from '../quantity';
import { containerKind } from './vocabulary';

/** Most that a container may be said to hold, in ml. */
export const largestContainerMl = 20_000;

const mostOfName = 60;

const volume = z.number().positive().max(largestContainerMl);

/** A container of the maker's own, measured with water. */
export const measuredContainerSchema = z.strictObject({
  /** What the maker calls it. */
  name: z.string().min(1).max(mostOfName).optional(),
  kind: containerKind,
  nominalMl: volume,
  workingFillPercent: z.number().positive().max(100),
  /** What it holds to the very brim, in ml. */
  brimfulMl: volume.optional(),
});

/** One that is in the house, by its name, for every blend to go into. */
export const ownContainerSchema = measuredContainerSchema.extend({
  name: nameSchema(mostOfName),
});

/** A container of the house's own. */
export type OwnContainer = z.infer<typeof ownContainerSchema>;
