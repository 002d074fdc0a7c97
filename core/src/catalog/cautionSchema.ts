import { z } from 'zod';
import { sourced } from './guidelineSchema';
import { conditionId, confidence } from './schema';
import { constituentNamed } from './constituentIndex';

/** A constituent by the library's own name. */
const constituent = z
  .string()
  .refine((name) => constituentNamed(name) === name, { error: 'no such constituent' });

/** Materials that must never go on skin: found by every name, and never offered. */
export const forbiddenFile = z.strictObject({
  provenance: z.string(),
  materials: z.array(
    z.strictObject({
      id: z.string(),
      name: z.string(),
      botanical: z.string(),
      aliases: z.array(z.string()),
      why: z.string(),
      source: z.string(),
      confidence,
    }),
  ),
});

/** What the page of a forbidden material says beside why, by its id. */
export const forbiddenPageFile = z.record(
  z.string(),
  z.strictObject({
    standing: z.enum(['prohibited', 'keep off skin']),
    recalls: z.number(),
    note: z.string().optional(),
    /** Oils of the library that smell a little like it and may be used. */
    instead: z.array(z.string()),
  }),
);

/** Where on the body a caution holds. */
const where = z.enum(['anywhere', 'on or near the face', 'breast, chest or neck']);

/** Cautions that follow what is in an oil. */
export const chemistryCautionsFile = z.strictObject({
  note: z.string(),
  cautions: z.array(
    z.strictObject({
      constituents: z.array(constituent).min(1),
      /** Typical content of all of them together, in percent of the oil. */
      fromPercentOfOil: z.number().positive(),
      what: z.enum(['avoid', 'caution']),
      why: z.string(),
      basis: z.enum(['published', 'our careful reading']),
      confidence,
      where,
      belowMonths: z.number().int().positive().optional(),
      stages: z.array(z.enum(['pregnant', 'breastfeeding'])),
      conditions: z.array(conditionId),
    }),
  ),
  /** Constituents that do not count in some oils, by ids. */
  exempt: z.record(z.string(), z.array(z.string())),
});

/** What a dermatologist's patch test is called, and what it meets in oils and bases. */
export const patchTestNamesFile = z.strictObject({
  names: z.array(
    z.strictObject({
      id: z.string(),
      constituents: z.array(constituent),
      fromPercentOfOil: z.number(),
      materials: z.array(z.string()),
      plantFamilies: z.array(z.string()),
      what: z.enum(['avoid', 'caution']),
      materialsWhat: z.enum(['avoid', 'caution']),
      note: z.string().optional(),
    }),
  ),
});

const productCategory = z.enum(['lips', 'underarm', 'perfume', 'body', 'face', 'hands']);

/** Limits by kind of product, in percent of the finished product. */
export const productCategoriesFile = z.strictObject({
  ...sourced,
  note: z.string(),
  /** Of a sensitiser, the category's figure as a share of that for perfume. */
  ratioToPerfume: z.partialRecord(productCategory, z.number().positive()),
  recalled: z.record(z.string(), z.partialRecord(productCategory.or(z.literal('all')), z.number())),
});

/** What the EU restricts in goods, in percent of the finished product. */
export const saleFile = z.strictObject({
  source: z.string(),
  note: z.string(),
  restrictions: z.array(
    z.strictObject({
      constituents: z.array(constituent),
      materials: z.array(z.string()),
      leaveOn: z.number().min(0),
      /** Missing where no figure for rinse-off goods is held. */
      rinseOff: z.number().min(0).optional(),
      lips: z.number().optional(),
      perfume: z.number().optional(),
      alcoholPerfume: z.number().optional(),
      eauDeToilette: z.number().optional(),
      creamPerfume: z.number().optional(),
      bodySpray: z.number().optional(),
      hairSpray: z.number().optional(),
      underarmSpray: z.number().optional(),
      notUnderMonths: z.number().optional(),
      entry: z.string(),
      confidence,
    }),
  ),
  /** A perfume in alcohol of at least this strength is a fine fragrance, below it an eau de toilette. */
  fineFragranceFrom: z.strictObject({ percent: z.number(), source: z.string() }),
  /** The phototoxic limit that a constituent gives an oil: limit / its share in the oil. */
  light: z.strictObject({
    source: z.string(),
    limits: z.record(z.string(), z.number().positive()),
  }),
  /** All furocoumarins together in goods for sun protection and bronzing. */
  sunGoods: z.strictObject({ percent: z.number(), entry: z.string(), confidence }),
});

/** Plant families with their genera, and the name that people use where there is one. */
export const plantFamiliesFile = z.strictObject({
  families: z.array(
    z.strictObject({ id: z.string(), name: z.string().nullable(), genera: z.array(z.string()) }),
  ),
});

export type ProductCategory = z.infer<typeof productCategory>;
export type ChemistryCaution = z.infer<typeof chemistryCautionsFile>['cautions'][number];
export type PatchTestName = z.infer<typeof patchTestNamesFile>['names'][number];
export type ForbiddenMaterial = z.infer<typeof forbiddenFile>['materials'][number];
