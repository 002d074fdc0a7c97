import { z } from 'zod';
import handbookJson from './data/handbook.json';

const confidence = z.enum(['high', 'medium', 'low', 'none']);
const pair = z.tuple([z.number(), z.number()]);
const lines = z.array(z.string());

/** What the handbook tells beside the figures that the rules read. */
export const handbookFile = z.strictObject({
  provenance: z.string(),
  asOf: z.string(),
  patchTest: z.strictObject({
    used: z.strictObject({ hours: z.number(), readAt: z.array(z.number()), how: z.string() }),
    otherSchools: lines,
    reading: z.array(z.strictObject({ sign: z.string(), means: z.string(), result: z.string() })),
    never: lines,
  }),
  bath: lines,
  heat: lines,
  pets: lines,
  strongHabit: z.strictObject({
    adult: z.number(),
    teenOrChild: z.number(),
    toddler: z.number(),
    baby: pair,
  }),
  flashPoints: z.array(
    z.strictObject({
      id: z.string(),
      /** The second is null where it lies somewhere above the first. */
      rangeC: z.tuple([z.number(), z.number().nullable()]),
      confidence,
    }),
  ),
  texture: z.strictObject({
    note: z.string(),
    climate: z.string(),
    /** Of what is usually made, shares by weight in percent. */
    usualRatios: z.array(
      z.strictObject({
        product: z.string(),
        parts: z.record(z.string(), pair),
        note: z.string(),
        confidence,
      }),
    ),
    settingTimes: z.array(
      z.strictObject({
        container: z.string(),
        room: z.string(),
        fridge: z.string(),
        confidence,
      }),
    ),
    settingTips: lines,
    addOilsWhy: lines,
    waterBath: lines,
    faults: z.array(
      z.strictObject({ sign: z.string(), cause: z.string(), remedy: z.string(), confidence }),
    ),
  }),
  measures: z.strictObject({
    volumeMl: z.record(z.string(), z.record(z.string(), z.number())),
    massG: z.record(z.string(), z.number()),
    ounces: z.string(),
    advice: z.string(),
    physics: z.string(),
  }),
  labelLaw: z.strictObject({
    eu: z.array(
      z.strictObject({ id: z.string(), text: z.string(), where: z.string(), confidence }),
    ),
    euBeforeSale: lines,
    handmade: z.string(),
    uk: z.string(),
    us: z.array(z.strictObject({ id: z.string(), text: z.string(), confidence })),
    usLine: z.string(),
    usAct: z.string(),
    allergens: z.string(),
    allergensFrom: z.string(),
    durability: z.string(),
    claims: lines,
    gift: z.string(),
  }),
});

// Parsed against its schema in library.test.ts.
export const handbook = handbookJson as unknown as z.infer<typeof handbookFile>;

/** Flash point of an oil, from and to in °C; undefined where it is not known. */
export const flashPointOf = (oilId: string) => handbook.flashPoints.find(({ id }) => id === oilId);
