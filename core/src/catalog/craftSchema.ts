import { containerKind } from './vocabulary';
import { z } from 'zod';
import { confidence } from './schema';
import { sourced } from './guidelineSchema';

// What the craft measures and melts by; asked in tests alone, as schema.ts is.

/** What spoons, cups and ounces hold, and what solids weigh that are measured by volume. */
export const measuresFile = z.strictObject({
  source: z.string(),
  confidence,
  volumeMl: z.record(
    z.enum(['us', 'metric', 'australian', 'imperial']),
    z.record(z.string(), z.number().positive()),
  ),
  massG: z.record(z.string(), z.number().positive()),
  ounces: z.string(),
  /** Solids as they lie in a spoon or a cup, in g to the ml: least, likely, most. */
  loose: z.array(
    z.strictObject({
      bases: z.array(z.string()).min(1),
      form: z.enum(['pellets', 'grated', 'soft', 'loose']),
      gPerMl: z.tuple([z.number(), z.number(), z.number()]),
    }),
  ),
});

const span = z.tuple([z.number(), z.number()]);

/** Wax and texture: bands, what is in for beeswax, and what a container wants. */
export const textureFile = z.strictObject({
  ...sourced,
  /** What the set point is reckoned from. */
  wax: z.strictObject({
    meltsAtC: z.number(),
    heatJPerMol: z.number(),
    gPerMol: z.number(),
    oilGPerMol: z.number(),
  }),
  softeningC: z.strictObject({ perPercent: span, what: z.string() }),
  bands: z.array(
    z.strictObject({
      waxPercent: span,
      texture: z.string(),
      words: z.string(),
      setPointC: span.nullable(),
      use: z.string(),
    }),
  ),
  waxEquivalents: z.array(
    z.strictObject({
      wax: z.string(),
      gramsForOneGramBeeswax: z.number().positive(),
      range: span,
      feel: z.string(),
      confidence,
    }),
  ),
  butters: z.array(z.strictObject({ id: z.string(), effect: z.string() })),
  /** What wax a kind of container wants, in percent of beeswax by weight. */
  containers: z.array(
    z.strictObject({
      kind: containerKind,
      waxPercent: span,
      withButters: span.optional(),
      why: z.string(),
    }),
  ),
  warmPoints: span,
  coldPoints: span,
  addOilsBelowC: z.record(z.string(), span),
  /** Warmth to hold for a wax, the hardest first. */
  holdC: z.array(z.strictObject({ wax: z.string(), c: span })),
  /** Warmth of the oil that goes into hot wax, so that it does not seize. */
  warmOilsC: span,
  /** How long a kind of container takes to set in a room of 20 to 22 °C. */
  setsIn: z.array(z.strictObject({ kind: containerKind, room: z.string(), confidence })),
  whipGainPercent: z.strictObject({
    low: z.number(),
    typical: z.number(),
    high: z.number(),
    confidence,
    note: z.string(),
  }),
  fingertip: z.strictObject({ g: span, source: z.string(), confidence }),
});
