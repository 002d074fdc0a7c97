import { z } from 'zod';
import { containerKinds } from './containerKinds';
import { placeIds } from './places';

// What files and forms must ask while the application runs; the schemas of the shipped
// library, which are asked in tests alone, are beside it in schema.ts.

/** Kinds of base. */
export const baseKind = z.enum([
  'oil',
  'butter',
  'wax',
  'antioxidant',
  'dry',
  'aqueous',
  'solubiliser',
  'alcohol',
  /** Holds oil and water together for good: a bought lotion or cream. */
  'emulsion',
  /** Melted, and thickens or emulsifies: how firm it makes a melt is not known. */
  'emulsifier',
  'thickener',
  'soap',
  'humectant',
  /** Keeps what holds water from spoiling. */
  'preservative',
]);

/** A constituent by name with low, typical and high content, in percent of the oil. */
export const contentSchema = z
  .tuple([z.string(), z.number().min(0), z.number().min(0), z.number().max(100)])
  .refine(([, low, typical, high]) => low <= typical && typical <= high, {
    error: 'content-order',
  });

/** Places on the body, by their ids. */
export const placeId = z.enum(placeIds);

/** Kinds of container. */
export const containerKind = z.enum(containerKinds);

/** Figures that a maker may put one of their own beside. */
export const figureId = z.enum(['maximum', 'light', 'density', 'shelf', 'contents']);

/** Stages of life and states of skin that have rows of their own in the guidelines. */
export const stageId = z.enum([
  'pregnant',
  'nursing',
  'sensitive-skin-body',
  'sensitive-skin-face',
  'frail-or-very-ill',
  'eczema-active-or-fragrance-allergy',
  'anyone',
]);
export type StageId = z.infer<typeof stageId>;
