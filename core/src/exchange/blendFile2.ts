import { z } from 'zod';
import { wearerSchema } from '../brief';
import { carriedMaterialSchema } from '../catalog';
import { isPossibleDrop } from '../quantity';
import {
  baseAmountSchema,
  emptyRecipe,
  exactOilAmountSchema,
  oilAmountSchema,
  onlyOnce,
  preDilutionSchema,
  recipeBaseSchema,
  recipeBriefSchema,
  recipeOilSchema,
  recipeSchema,
  targetSchema,
  usualDropsPerMl,
} from '../recipe';

const recipe = recipeSchema.shape;
const brief = recipeBriefSchema.shape;

/** Most materials of one's own that a blend can carry: those in it, and figures of them. */
const mostMaterials = 500;

const fields = {
  name: recipe.name,
  purpose: recipe.purpose.optional(),
  notes: recipe.notes.optional(),
  tags: recipe.tags.optional(),
  brief: z.strictObject({
    wearer: z.union([z.literal('anyone'), wearerSchema]).optional(),
    place: brief.place.unwrap().optional(),
    use: brief.use,
    sun: brief.sun,
    forSale: z.boolean().default(false),
    /** Questions that were answered: what is not in it was not asked. */
    asked: brief.asked.default([]),
    timesPerDay: brief.timesPerDay.unwrap().optional(),
  }),
  containers: recipe.containers,
  by: recipe.by.default('volume'),
  guideline: recipe.guideline.default('clinical'),
  dropsPerMl: recipe.dropsPerMl.default(usualDropsPerMl),
  target: targetSchema.optional(),
  bases: z
    .array(recipeBaseSchema.extend({ amount: baseAmountSchema.optional() }))
    .max(30)
    .superRefine(onlyOnce),
  mixedInOne: z.boolean().optional(),
  lossPercent: recipe.lossPercent.optional(),
  whipPercent: recipe.whipPercent.unwrap().optional(),
  useMl: recipe.useMl.unwrap().optional(),
  /** What the maker says of a step, by the id of the step. */
  steps: recipe.stepWords.optional(),
  /** The version of which this one was made. */
  parentVersion: recipe.parentVersion.unwrap().optional(),
  /** Materials of the maker's own that are in it, and their own figures of what is in it. */
  materials: z.array(carriedMaterialSchema).max(mostMaterials).superRefine(onlyOnce).optional(),
};

/** A drop that was weighed: one of another size was miscounted. */
const measuredDrop = recipeOilSchema.shape.dropMl.unwrap().refine(isPossibleDrop, {
  error: 'drop-size',
});

const oilsWith = <A extends z.ZodType>(amount: A) =>
  z
    .array(recipeOilSchema.extend({ amount: amount.optional(), dropMl: measuredDrop.optional() }))
    .max(60)
    .superRefine(onlyOnce);

const filedPreDilution = preDilutionSchema.extend({
  oils: z
    .array(preDilutionSchema.shape.oils.element.extend({ dropMl: measuredDrop.optional() }))
    .min(1)
    .max(60)
    .superRefine(onlyOnce),
});

/**
 * The open blend file, version 2: read for ever, and written no more. What a blend does not have yet
 * is left out: a wearer, a place, the amount of an oil. Amounts are those of what is mixed at once: of
 * one container, or of the jug from which several are filled.
 */
export const blendFile2Schema = z
  .strictObject({
    format: z.literal('jubbet-blend'),
    version: z.literal(2),
    ...fields,
    oils: oilsWith(exactOilAmountSchema),
  })
  .describe('One blend, to be opened in any house.');

export type BlendFile2 = z.infer<typeof blendFile2Schema>;

/**
 * The open blend file, version 3: as version 2, with ranges of drops, with pre-dilutions, and with what of a recipe of
 * somebody else's nobody has understood yet.
 */
export const blendFile3Schema = z
  .strictObject({
    format: z.literal('jubbet-blend'),
    version: z.literal(3),
    ...fields,
    brief: fields.brief.extend({
      /** Where else it is put on: the strictest of all places counts. */
      alsoOn: brief.alsoOn,
      nightOnly: brief.nightOnly,
    }),
    /** How many presses, sprays, drops or fingertips one use is. */
    useCount: recipe.useCount,
    oils: oilsWith(oilAmountSchema),
    /** What of the oils is mixed with carrier first: an oil by that id is drops of it. */
    preDilutions: z.array(filedPreDilution).max(9).superRefine(onlyOnce).optional(),
    /** As it was written: as long as it is there, the blend cannot be checked. */
    notUnderstood: recipe.notUnderstood.optional(),
  })
  .describe('One blend, to be opened in any house.');

export type BlendFile3 = z.infer<typeof blendFile3Schema>;

/** What a file of version 3 asks for. */
export const fromFile3 = (file: BlendFile3): z.infer<typeof recipeSchema> => ({
  ...emptyRecipe(),
  name: file.name,
  purpose: file.purpose ?? '',
  notes: file.notes ?? '',
  tags: file.tags ?? [],
  brief: {
    wearer: file.brief.wearer ?? null,
    personId: null,
    place: file.brief.place ?? null,
    use: file.brief.use,
    sun: file.brief.sun,
    forSale: file.brief.forSale,
    asked: file.brief.asked,
    timesPerDay: file.brief.timesPerDay ?? null,
    ...(file.brief.alsoOn ? { alsoOn: file.brief.alsoOn } : {}),
    ...(file.brief.nightOnly ? { nightOnly: true } : {}),
  },
  containers: file.containers,
  by: file.by,
  guideline: file.guideline,
  dropsPerMl: file.dropsPerMl,
  target: file.target ?? null,
  oils: file.oils.map((oil) => ({ ...oil, amount: oil.amount ?? null })),
  ...(file.preDilutions ? { preDilutions: file.preDilutions } : {}),
  bases: file.bases.map((base) => ({ ...base, amount: base.amount ?? null })),
  mixedInOne: file.mixedInOne ?? false,
  lossPercent: file.lossPercent ?? 0,
  whipPercent: file.whipPercent ?? null,
  useMl: file.useMl ?? null,
  ...(file.useCount === undefined ? {} : { useCount: file.useCount }),
  stepWords: file.steps ?? {},
  parentVersion: file.parentVersion ?? null,
  notUnderstood: file.notUnderstood ?? [],
});

/** The same of version 2. */
export const fromFile2 = (file: BlendFile2): z.infer<typeof recipeSchema> =>
  fromFile3({ ...file, version: 3 });
