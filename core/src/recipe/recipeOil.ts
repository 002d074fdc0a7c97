import { z } from 'zod';
import { oilAmountSchema } from './amount';

/** Form only: whether there is such a thing is asked of the catalog when it is worked out. */
export const materialId = z.string().min(1).max(120);

export const dropVolume = z
  .strictObject({
    low: z.number().positive().max(1),
    likely: z.number().positive().max(1),
    high: z.number().positive().max(1),
  })
  .refine(({ low, likely, high }) => low <= likely && likely <= high, {
    error: 'range-order',
  });

/** The bottle from which a material of a batch came, as it was on the day. */
export const bottleInUse = z.strictObject({
  lot: z.string().max(80),
  keepsUntil: z.iso.date(),
  because: z.enum(['printed', 'opened']),
  past: z.boolean(),
});

/** An oil of a recipe; without an amount it is written, and nothing is worked out yet. */
export const recipeOilSchema = z.strictObject({
  id: materialId,
  amount: oilAmountSchema.nullable(),
  /** One drop of the bottle that was used, in ml, where it was weighed. */
  dropMl: dropVolume.optional(),
  bottle: bottleInUse.optional(),
});

/** All ids once, so that no oil passes its limit in two halves. */
export const onlyOnce = (
  entries: readonly { readonly id: string }[],
  context: z.RefinementCtx,
): void => {
  entries.forEach(({ id }, index) => {
    const first = entries.findIndex((entry) => entry.id === id);
    if (first < index) {
      context.addIssue({
        code: 'custom',
        path: [index, 'id'],
        message: 'stands-twice',
        params: { first: first + 1 },
      });
    }
  });
};
