import { z } from 'zod';
import { smellFamilies } from './smellFamilies';

const factor = z.number().min(1).max(1000);

/** How a constituent smells and evaporates: figures of the literature, each with how far to trust it. */
export const odourFile = z.strictObject({
  provenance: z.string(),
  source: z.string(),
  constituents: z.array(
    z.strictObject({
      name: z.string(),
      /** At 25 °C, in Pa; of what is solid by itself that of the subcooled liquid. */
      pressurePa: z.number().positive(),
      /** It may be so many times as much, or as little. */
      pressureFactor: factor,
      pressureBasis: z.enum(['recalled', 'estimated']),
      logKow: z.number(),
      /** In air, in µg/m³; null where it has no smell that is known. */
      thresholdUgPerM3: z.number().positive().nullable(),
      thresholdFactor: factor.nullable(),
      thresholdBasis: z.enum(['recalled', 'analogue']).nullable(),
      /** Of Stevens’ power law; null where it is not known. */
      exponent: z.number().positive().nullable(),
      /** Shares that add up to 1; none where it has no smell that is known. */
      families: z.partialRecord(z.enum(smellFamilies), z.number().positive()),
      words: z.string(),
      molarMassGPerMol: z.number().positive().optional(),
      /** The same substance under another name: it is counted once. */
      sameAs: z.string().optional(),
    }),
  ),
});
