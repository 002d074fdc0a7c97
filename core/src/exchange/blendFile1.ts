import { z } from 'zod';
import {
  forms,
  largestContainerMl,
  looseUnits,
  measuredContainerSchema,
  placeId,
} from '../catalog';
import { isPossibleDrop } from '../quantity';
import { mostDrops, onlyOnce } from '../recipe';

const dropVolume = z
  .strictObject({
    low: z.number().positive().max(1),
    likely: z.number().positive().max(1),
    high: z.number().positive().max(1),
  })
  .refine(({ low, likely, high }) => low <= likely && likely <= high, {
    error: 'range-order',
  })
  .refine(isPossibleDrop, { error: 'drop-size' });

/** Form only: whether there is such a thing is asked of the library where a blend is read. */
const materialId = z.string().min(1).max(120);

/** The bottle from which a material of a batch came, as it was on the day. */
const bottleEntry = z.strictObject({
  lot: z.string().max(80),
  keepsUntil: z.iso.date(),
  because: z.enum(['printed', 'opened']),
  past: z.boolean(),
});

/** One oil: exactly one of drops, ml, g, parts or percent (of the fill, by volume). */
const oilEntry = z
  .strictObject({
    id: materialId,
    drops: z.number().int().min(0).max(mostDrops).optional(),
    ml: z.number().min(0).max(largestContainerMl).optional(),
    g: z.number().min(0).max(largestContainerMl).optional(),
    parts: z.number().positive().max(1_000_000).optional(),
    percent: z.number().min(0).max(100).optional(),
    dropMl: dropVolume.optional(),
    bottle: bottleEntry.optional(),
  })
  .refine(
    ({ drops, ml, g, parts, percent }) =>
      [drops, ml, g, parts, percent].filter((amount) => amount !== undefined).length === 1,
    { error: 'one-oil-amount' },
  );

/** A solid by spoons or cups, as it was typed, and what that is in ml as it lies. */
const looseAmount = z.strictObject({
  value: z.number().positive().max(largestContainerMl),
  unit: z.enum(looseUnits),
  form: z.enum(forms),
  ml: z.number().positive().max(largestContainerMl),
});

/** One base: exactly one of parts, percent (of the whole), ml, g or loose. */
const baseMeasures = {
  parts: z.number().positive().max(1_000_000).optional(),
  percent: z.number().positive().max(100).optional(),
  ml: z.number().positive().max(largestContainerMl).optional(),
  g: z.number().positive().max(largestContainerMl).optional(),
  loose: looseAmount.optional(),
};

const oneMeasure = ({
  parts,
  percent,
  ml,
  g,
  loose,
}: z.infer<z.ZodObject<typeof baseMeasures>>): boolean =>
  [parts, percent, ml, g, loose].filter((amount) => amount !== undefined).length === 1;

const oneMeasureOnly = { error: 'one-base-amount' };

const baseEntry = z
  .strictObject({ id: materialId, ...baseMeasures, bottle: bottleEntry.optional() })
  .refine(oneMeasure, oneMeasureOnly);

const wearerSchema = z
  .strictObject({
    name: z.string().trim().min(1).max(80).optional(),
    ageMonths: z.number().int().min(0).max(1500),
    pregnant: z.boolean(),
    trimester: z.union([z.literal(1), z.literal(2), z.literal(3)]).optional(),
    nursing: z.boolean(),
    conditions: z.array(z.string().trim().min(1).max(200)).max(50),
    allergies: z.array(z.string().trim().min(1).max(200)).max(50),
    skin: z.enum(['normal', 'sensitive', 'damaged']),
  })
  .refine(({ pregnant, trimester }) => pregnant || trimester === undefined, {
    error: 'trimester-alone',
    path: ['trimester'],
  });

const vesselSchema = z.union([
  z.strictObject({
    id: materialId,
  }),
  measuredContainerSchema,
]);

/** Vessels beside the first, into which the same batch is poured. */
const moreVessels = z
  .array(z.strictObject({ vessel: vesselSchema, count: z.number().int().min(1).max(1000) }))
  .max(20);

/** How the whole is measured, mixed and parted: all of it may be left out. */
const mixing = {
  /** What percents, and parts of bases, are of; by volume where it is left out. */
  by: z.enum(['volume', 'weight']).optional(),
  /** More vessels; then all are filled from one jug. */
  more: moreVessels.optional(),
  /** Mixed in one jug and poured, where each vessel could be filled by itself. */
  inOne: z.boolean().optional(),
  /** What stays in the jug, the pan and the pipette, in percent of what is filled. */
  lossPercent: z.number().min(0).max(50).optional(),
  /** Whipped: what that adds to the volume, in percent. */
  whipPercent: z.number().min(10).max(200).optional(),
  /** What one use takes, in ml, where the maker has measured it. */
  useMl: z.number().positive().max(1000).optional(),
};

const briefSchema = z.strictObject({
  wearer: z.union([z.literal('anyone'), wearerSchema]),
  place: placeId,
  use: z.enum(['leave-on', 'rinse-off']),
  sun: z.enum(['exposed', 'covered']),
  forSale: z.boolean().default(false),
});

const dropSchoolSchema = z.enum(['leaflet', 'pharmacy', 'middle', 'insert', 'fine']);
const schoolSchema = z.enum(['clinical', 'cautious']);

/**
 * The open blend file, version 1: read for ever, and written no more. Amounts are those of what is mixed at once: of one vessel,
 * or of the jug from which several are filled.
 */
export const blendFile1Schema = z
  .strictObject({
    format: z.literal('jubbet-blend'),
    version: z.literal(1),
    name: z.string().trim().min(1).max(120),
    purpose: z.string().max(200).optional(),
    notes: z.string().max(10_000).optional(),
    brief: briefSchema,
    vessel: vesselSchema,
    count: z.number().int().min(1).max(1000).default(1),
    dropSchool: dropSchoolSchema.default('pharmacy'),
    school: schoolSchema.default('clinical'),
    target: z.strictObject({ percent: z.number().positive().max(100) }).optional(),
    oils: z.array(oilEntry).max(60).superRefine(onlyOnce),
    bases: z.array(baseEntry).min(1).max(30).superRefine(onlyOnce),
    ...mixing,
  })
  .refine(({ target, oils }) => target || oils.every(({ parts }) => parts === undefined), {
    error: 'target-missing',
    path: ['target'],
  });

export type BlendFile1 = z.infer<typeof blendFile1Schema>;
