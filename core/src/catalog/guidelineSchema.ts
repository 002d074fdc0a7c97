import { z } from 'zod';
import { confidence } from './schema';
import { placeId, stageId } from './vocabulary';

const figure = { recommended: z.number().min(0), maximum: z.number().min(0) };
export const sourced = { source: z.string(), confidence };

export const guidelinesFile = z.strictObject({
  sources: z.record(z.string(), z.string()),
  all: z.array(
    z.looseObject({
      id: z.enum(['clinical', 'cautious', 'strong']),
      name: z.string(),
      why: z.string(),
      default: z.boolean().optional(),
      usableAsLimit: z.boolean(),
    }),
  ),
  age: z.array(
    z.strictObject({
      fromMonths: z.number().int(),
      toMonths: z.number().int().nullable(),
      clinical: z.strictObject(figure),
      cautious: z.strictObject(figure),
      ...sourced,
    }),
  ),
  adult: z.strictObject({ fromMonths: z.number(), toMonths: z.number(), note: z.string() }),
  place: z.array(
    z.strictObject({
      id: placeId,
      ...figure,
      low: z.number(),
      dropsPerTub: z.tuple([z.number(), z.number()]).optional(),
      adultLadderBinds: z.boolean(),
      ...sourced,
    }),
  ),
  stage: z.array(
    z.strictObject({
      id: stageId,
      ...figure,
      firstTrimester: z.strictObject(figure).optional(),
      note: z.string().optional(),
      ...sourced,
    }),
  ),
  phototoxic: z.strictObject({
    rule: z.string(),
    ...sourced,
    hoursOutOfSun: z.strictObject({
      used: z.number(),
      views: z.array(z.strictObject({ hours: z.number(), who: z.string() })),
    }),
    facts: z.array(z.string()),
    bergaptenPpmTotal: z.number(),
  }),
  everywhere: z.array(z.string()),
  skin: z.record(z.enum(['normal', 'sensitive', 'damaged']), z.array(z.string())),
  nearTheFace: z.array(placeId),
});

/** Cautions of places, kinds of product and sale that are not a strength. */
export const cautionsFile = z.strictObject({
  bath: z.strictObject({
    noneBelowMonths: z.number().int(),
    keepOut: z.array(z.string()),
    little: z.array(z.string()),
    /** Parts of solubiliser to one of essential oil. */
    solubiliserParts: z.number().positive(),
    /** Most drops of essential oil in a tub, by age. */
    dropsPerTub: z.array(
      z.strictObject({ belowMonths: z.number().nullable(), drops: z.number().min(0) }),
    ),
    ...sourced,
  }),
  /** What holds water and no preservative. */
  water: z.strictObject({ keepsDays: z.number().positive(), ...sourced }),
  /** What sets above this temperature does not pour in a cool room. */
  pours: z.strictObject({ aboveC: z.number(), source: z.string() }),
  /** Oils that a spray hardly pumps. */
  sprays: z.strictObject({ tooThick: z.array(z.string()), source: z.string() }),
  /** Of what is added in little: past so much of the whole by weight, in percent, it is unusual. */
  doses: z.array(
    z.strictObject({
      of: z.array(z.string()),
      mostPercent: z.number().positive(),
      ...sourced,
    }),
  ),
  /** Hot wax and fat. */
  heat: z.strictObject(sourced),
});

export type Guidelines = z.infer<typeof guidelinesFile>;
