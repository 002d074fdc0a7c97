import type { z } from 'zod';
import cautionsJson from './data/cautions.json';
import constituentLimitsJson from './data/constituent-limits.json';
import kinJson from './data/kin.json';
import type { cautionsFile } from './guidelineSchema';
import type { ConstituentLimit, constituentLimitsFile } from './schema';

// What only judging reads: it is loaded with that. Parsed against its schemas in shipped.test.ts.
export const constituentLimitsData = constituentLimitsJson as unknown as z.infer<
  typeof constituentLimitsFile
>;

/** Caps on constituents across all oils of a blend. */
export const constituentLimits: readonly ConstituentLimit[] = constituentLimitsData.limits;

/** Cautions of places and kinds of product that are not a strength. */
export const cautions = cautionsJson as unknown as z.infer<typeof cautionsFile>;

const kinById = new Map(kinJson.kin.map(({ from, to }) => [from, to]));

/** Id of a kind of the same plant or name that is held back less, where there is one. */
export const milderKinOf = (id: string): string | undefined => kinById.get(id);
