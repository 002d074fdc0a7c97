import { z } from 'zod';
import { mostDrops } from './amount';
import { bottleInUse, dropVolume, materialId, onlyOnce } from './recipeOil';

const idForm = /^own-mix-[1-9][0-9]?$/;

/** True for the id of a pre-dilution, which is no material of the house. */
export const isPreDilutionId = (id: string): boolean => idForm.test(id);

/** Most carrier of one pre-dilution, in ml. */
const mostCarrierMl = 1000;

/**
 * Drops of oils in some carrier, mixed before the blend; drops of that go into it as one oil, by its
 * id. Its amounts are of one mixing: where more of it is needed, it is mixed so many times.
 */
export const preDilutionSchema = z.strictObject({
  id: z.string().max(12).refine(isPreDilutionId),
  oils: z
    .array(
      z.strictObject({
        id: materialId,
        drops: z.number().int().min(1).max(mostDrops),
        /** One drop of the bottle that was used, in ml, where it was weighed. */
        dropMl: dropVolume.optional(),
        bottle: bottleInUse.optional(),
      }),
    )
    .min(1)
    .max(60)
    .superRefine(onlyOnce),
  carrier: z.strictObject({ id: materialId, ml: z.number().positive().max(mostCarrierMl) }),
});

/** Drops of oils in some carrier, mixed before the blend. */
export type PreDilution = z.infer<typeof preDilutionSchema>;
