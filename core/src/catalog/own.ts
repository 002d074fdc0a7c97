import { z } from 'zod';
import { nameSchema } from '../quantity';
import { baseKind, contentSchema, figureId } from './vocabulary';

const name = nameSchema(120);
const source = z.string().trim().min(1, 'needs-source').max(200);
const percent = z.number().min(0).max(100);
const perMl = z.number().min(0.5).max(2);

const common = {
  id: z.string().regex(/^own-/),
  name,
  botanical: z.string().max(200),
  densityGPerMl: perMl.nullable(),
  shelfYears: z.number().positive().max(50),
  note: z.enum(['top', 'middle', 'base']),
  viscosity: z.enum(['thin', 'medium', 'thick', 'very thick']),
  source,
};

/** An oil that the library does not hold. */
const ownOil = z.strictObject({
  kind: z.literal('oil'),
  ...common,
  maximumPercent: percent.nullable(),
  lightPercent: percent.positive().nullable(),
  contents: z.array(contentSchema).nullable(),
});

const part = z.strictObject({ id: z.string(), parts: z.number().positive().max(1_000_000) });

/** A blend that is bought ready made, or what is left of a batch of one's own. */
const readyMade = z.strictObject({
  kind: z.literal('ready-made'),
  ...common,
  /** Of the whole, what is essential oil; null where the label does not say. */
  essentialPercent: percent.positive().nullable(),
  /** Oils in it by their parts; none where they are not known. */
  parts: z.array(part).max(60),
  /** False where the oils are known and how much there is of each is not; else the parts say it. */
  proportionsKnown: z.boolean().optional(),
  /** What carries the oils, by parts; none where that is not known. */
  carriers: z.array(part).max(30).optional(),
  /** Of a batch of the house's own: which, when it was made, and from which lots. */
  batch: z
    .strictObject({
      number: z.string().max(80),
      madeOn: z.iso.date(),
      bestBefore: z.iso.date(),
      lots: z.array(z.strictObject({ id: z.string(), lot: z.string().max(80) })).max(90),
    })
    .optional(),
});

/** A fragrance oil, whose limits only its certificate gives. */
const fragrance = z.strictObject({
  kind: z.literal('fragrance'),
  ...common,
  certificate: z.strictObject({
    face: percent.nullable(),
    body: percent.nullable(),
    rinseOff: percent.nullable(),
    /** Not asked of earlier ones: then none is known. */
    lips: percent.nullable().optional(),
    underarm: percent.nullable().optional(),
  }),
});

/** A base that the library does not hold. */
const ownBase = z.strictObject({
  kind: z.literal('base'),
  id: z.string().regex(/^own-/),
  name,
  inci: z.string().max(200),
  baseKind,
  densityGPerMl: perMl,
  meltC: z.number().min(-50).max(200).nullable(),
  shelfMonths: z.number().positive().max(600),
  allergens: z.array(z.string().max(80)).max(20),
  /** Someone has read through what it may bring, and that is all. */
  allergensKnown: z.boolean().optional(),
  source,
});

/** A figure of the maker's own beside one of the library. */
const ownFigure = z.strictObject({
  kind: z.literal('figure'),
  id: z.string(),
  oilId: z.string(),
  figure: figureId.exclude(['contents']),
  value: z.number().positive().max(100),
  source,
});

/** What a blend file carries of them. */
export const carriedMaterialSchema = z.discriminatedUnion('kind', [
  ownOil,
  readyMade,
  fragrance,
  ownBase,
  ownFigure,
]);

export type CarriedMaterial = z.infer<typeof carriedMaterialSchema>;

/** Someone has the book, and has looked a figure of the library up in it. */
const figureCheck = z.strictObject({
  kind: z.literal('check'),
  id: z
    .string()
    .regex(/^check-/)
    .max(300),
  /** Which figure: its id in the library. */
  figureId: z.string().min(1).max(120),
  /** The edition, or the paper. */
  work: source,
  page: z.string().trim().max(40),
  /** What stands there, in percent. */
  percent: z.number().min(0).max(100),
  by: name,
  checkedOn: z.iso.date(),
});

/** What a maker keeps of their own beside the shipped library. */
export const ownMaterialSchema = z.discriminatedUnion('kind', [
  ownOil,
  readyMade,
  fragrance,
  ownBase,
  ownFigure,
  figureCheck,
]);

export type OwnMaterial = z.infer<typeof ownMaterialSchema>;

/** A check of a figure, as it is kept. */
export const figureCheckSchema = figureCheck;
export type FigureCheck = z.infer<typeof figureCheck>;
