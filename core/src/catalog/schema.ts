import { z } from 'zod';
import { allergyFamilyIds } from './allergyFamilies';
import { conditionIds } from './conditions';
import { baseKind, contentSchema, type figureId } from './vocabulary';

/** A condition, wherever the library names one. */
export const conditionId = z.enum(conditionIds);

/** How sure the literature, or our recollection of it, is of a figure. */
export const confidence = z.enum(['high', 'medium', 'low', 'none']);

const percentOrNull = z.number().min(0).max(100).nullable();

const allergen = z.strictObject({
  family: z.string().refine((id) => allergyFamilyIds.some((family) => family === id), {
    error: 'no such allergy family',
  }),
  what: z.enum(['avoid', 'mind']),
});

const condition = z.strictObject({
  condition: conditionId,
  what: z.enum(['avoid', 'caution']),
});

export const viscosity = z.enum(['thin', 'medium', 'thick', 'very thick']);

const suitability = z.enum(['ok', 'caution', 'avoid', 'not known']);

/** Genus and family of the plant, in Latin; null for what is of no one plant. */
const plant = { genus: z.string().nullable(), family: z.string().nullable() };

const limitStatus = z.enum([
  'stated',
  'none stated',
  'assumed',
  'by constituents',
  'light only',
  'not known',
]);

/** One essential oil with what the literature says of it. */
const oilSchema = z.strictObject({
  id: z.string(),
  name: z.string(),
  dermalMaximum: z.strictObject({
    percent: percentOrNull,
    status: limitStatus,
    basis: z.string().nullable(),
    confidence,
  }),
  phototoxicLimitPercent: percentOrNull,
  keepOffSkin: z.boolean(),
  notForHomeBlending: z.string().nullable(),
  age: z.array(
    z.strictObject({
      belowMonths: z.number().int().positive(),
      what: z.enum(['avoid', 'avoid on or near the face', 'caution']),
      why: z.string(),
      basis: z.string().optional(),
    }),
  ),
  pregnancy: suitability,
  breastfeeding: suitability,
  conditions: z.array(condition),
  oxidation: z.enum(['low', 'medium', 'high']),
  shelfYears: z.number().positive(),
  /** Null where it is not known: then nothing by weight can be worked out. */
  densityGPerMl: z.number().min(0.7).max(1.3).nullable(),
  viscosity,
  note: z.enum(['top', 'middle', 'base']),
  odourStrength: z.number().int().min(1).max(5),
  allergens: z.array(allergen),
  ...plant,
});

/** What carries the oils: a liquid carrier, a butter, a wax, or what else goes in. */
const baseSchema = z.strictObject({
  id: z.string(),
  name: z.string(),
  kind: baseKind,
  /** Of powders and grains as they lie, with the air between them. */
  densityGPerMl: z.number().min(0.4).max(1.5),
  /** Of powders and grains without the air: what they take up once oil has filled the gaps. */
  trueDensityGPerMl: z.number().min(0.7).max(3).optional(),
  meltRangeC: z.tuple([z.number(), z.number()]).nullable(),
  shelfMonths: z.number().positive(),
  allergens: z.array(allergen),
  conditions: z.array(condition),
  sun: z.strictObject({ what: z.literal('mind'), why: z.string() }).nullable(),
  ...plant,
});

const origin = z.strictObject({
  provenance: z.string(),
  sources: z.record(z.string(), z.string()),
  figures: z.record(z.string(), z.strictObject({ source: z.string(), confidence: z.string() })),
});

/** Where the figures of the library come from: apart, as the first page does not tell it. */
export const originsFile = z.strictObject({ oils: origin, bases: origin });

export const oilsFile = z.strictObject({ oils: z.array(oilSchema) });
/** The plants of the oils. */
export const botanicalFile = z.strictObject({ oils: z.record(z.string(), z.string()) });
/** What describes a base, and no rule reads. */
export const baseFactsFile = z.strictObject({
  bases: z.record(
    z.string(),
    z.strictObject({
      /** Its name on a label. */
      inci: z.string(),
      botanical: z.string().nullable(),
      densityAtC: z.number(),
      absorption: z.string().nullable(),
      feel: z.string().nullable(),
      /** How heavy it feels, in a word, of what is rubbed in by itself. */
      body: z.enum(['light', 'medium', 'rich']).nullable(),
      comedogenic: z.number().nullable(),
      skin: z.array(z.string()),
      odour: z.string().nullable(),
      oxidation: z.string().nullable(),
      note: z.string(),
      confidence,
    }),
  ),
});

/** Other names of materials, by id. */
export const namesFile = z.strictObject({
  oils: z.record(z.string(), z.array(z.string())),
  bases: z.record(z.string(), z.array(z.string())),
});

export const basesFile = z.strictObject({ bases: z.array(baseSchema) });

export const compositionFile = z.strictObject({
  provenance: z.string(),
  source: z.string(),
  oils: z.record(z.string(), z.strictObject({ confidence, constituents: z.array(contentSchema) })),
});

export const countedFile = z.record(
  z.string(),
  z.strictObject({ confidence, constituents: z.array(contentSchema) }),
);

const constituentSchema = z.strictObject({
  name: z.string(),
  cas: z.string().nullable(),
  formula: z.string().nullable(),
  molarMassGPerMol: z.number().nullable(),
  boilingPointC: z.number().nullable(),
  vapourPressurePa25C: z.number().nullable(),
  vapourPressureAgree: z.boolean().nullable(),
  densityGPerMl: z.number().nullable(),
  odourThresholdUgPerM3: z.number().nullable(),
  dermalMaxPercent: z.number().nullable(),
  dermalMaxAgree: z.boolean().nullable(),
  dermalMaxBasis: z.string().nullable(),
  euAllergen2003: z.boolean(),
  inci: z.string().nullable(),
});

export const constituentsFile = z.strictObject({
  provenance: z.string(),
  source: z.string(),
  constituents: z.array(constituentSchema),
});

export const constituentLimitsFile = z.strictObject({
  provenance: z.string(),
  sources: z.record(z.string(), z.string()),
  note: z.string(),
  limits: z.array(
    z.strictObject({
      id: z.string(),
      members: z.array(z.string()).min(1),
      percent: z.number().positive(),
      why: z.string(),
      source: z.string(),
      basis: z.string(),
      confidence,
    }),
  ),
});
export const ambiguousNamesFile = z.strictObject({
  note: z.string(),
  names: z.array(
    z.strictObject({
      name: z.string(),
      ids: z.array(z.string()),
      /** By far the most usual meaning is the first of them: our own judgement. */
      usual: z.literal(true).optional(),
      tellApart: z.record(z.string(), z.string()),
    }),
  ),
});

export type LimitStatus = z.infer<typeof limitStatus>;

/** A constituent by name, with low, typical and high content in percent. */
export type Content = z.infer<typeof contentSchema>;
export type Confidence = z.infer<typeof confidence>;
export type Constituent = z.infer<typeof constituentSchema>;
export type ConstituentLimit = z.infer<typeof constituentLimitsFile>['limits'][number];

/** What a fragrance oil's certificate allows, in percent of the product; null where it says nothing. */
interface Certificate {
  readonly face: number | null;
  readonly body: number | null;
  readonly rinseOff: number | null;
  readonly lips?: number | null | undefined;
  readonly underarm?: number | null | undefined;
}

/** What a maker put beside or in place of the library's figures. */
interface OwnMark {
  /** The whole material is theirs. */
  readonly material: boolean;
  /** Who says what is known of a material of theirs. */
  readonly source?: string;
  /** Oils of the library whose name or plant it bears: it is held to their figures too. */
  readonly heldTo?: readonly string[];
  /** Figures of theirs, with the library's own, so that it stays visible. */
  readonly figures: readonly {
    readonly figure: FigureId;
    readonly value: number | null;
    readonly original: number | null;
    readonly source: string;
  }[];
}

export type FigureId = z.infer<typeof figureId>;

/** What a ready-made blend is made of, by share of the whole, 0 to 1. */
export interface MadeOf {
  readonly oils: readonly { readonly oil: Oil; readonly share: number }[];
  readonly carriers: readonly { readonly base: Base; readonly share: number }[];
  /** Shares of the oils are known; else they stand for any, and limits can't be checked by them. */
  readonly isShareKnown: boolean;
}

/** Why a material must never go on skin. */
interface Forbidden {
  readonly why: string;
  readonly source: string;
  readonly confidence: Confidence;
}

/** An oil with what it holds of the constituents that rules count. */
export type Oil = z.infer<typeof oilSchema> & {
  /** Of something that is not all essential oil: its share, 0 to 1; null where that is not known. */
  readonly essentialShare?: number | null;
  /** Of a ready-made blend of which all oils are known: it counts as those. */
  readonly madeOf?: MadeOf;
  /** Of what is left of a batch: the day until which that keeps. */
  readonly keepsUntil?: string;
  /** Of what is left of a batch: the bottle that it was put into, where the day is known. */
  readonly leftover?: { readonly lot: string; readonly keepsUntil: string; readonly past: boolean };
  /** Of a material that must never go on skin: it is found so that the reason can be reported. */
  readonly forbidden?: Forbidden;
  /** Of an oil of the house's own: those of the library have theirs beside them. */
  readonly botanical?: string | undefined;
  /** Of a fragrance oil: what its certificate allows by kind of product, in percent. */
  readonly certificate?: Certificate;
  /** A maker's own material, or a figure of theirs laid over the library's. */
  readonly own?: OwnMark;
  /** Null where its chemistry is not known. */
  readonly counted: {
    /** What was found is not nearly all that is in it: the rest is not known. */
    readonly isPartial?: boolean;
    readonly confidence: Confidence;
    readonly constituents: readonly Content[];
  } | null;
};
/** A base; those of a house's own carry their names, those of the library have them in their facts. */
export type Base = z.infer<typeof baseSchema> & {
  readonly inci?: string;
  readonly botanical?: string | null;
  /** Of a base of the house's own that bears the name of something that must not go on skin. */
  readonly forbidden?: Forbidden;
  /** Of a base of the house's own that is an essential oil or an active by its name: it is judged as that. */
  readonly judgedAs?: Oil;
  /** Of a base of the house's own: whether someone has read through what it may bring. */
  readonly allergensKnown?: boolean;
  /** As it lies with the air in it, where the mixture has given it another density. */
  readonly bulkDensityGPerMl?: number;
};
/** A base that pours: what carries the oils in a bottle. */
export type Carrier = Base;
