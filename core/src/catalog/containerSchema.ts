import { z } from 'zod';
import { containerKind } from './vocabulary';
import { confidence, viscosity } from './schema';

const millimetres = z.number().positive();

/** One usual container. */
const containerSchema = z.strictObject({
  id: z.string(),
  kind: containerKind,
  nominalMl: z.number().positive(),
  brimfulMl: z.number().positive(),
  workingFillPercent: z.number().positive().max(100),
  suits: z.string(),
  note: z.string().optional(),
  doseMl: z.tuple([z.number(), z.number()]).optional(),
  outerDiameterMm: millimetres.optional(),
  heightMm: millimetres.optional(),
  labelMm: z.strictObject({ height: millimetres, width: millimetres }).nullish(),
});

export const containersFile = z.strictObject({
  provenance: z.string(),
  source: z.string(),
  confidence,
  containers: z.array(containerSchema),
});

export const dropsFile = z.strictObject({
  source: z.string(),
  confidence,
  sizes: z.array(
    z.strictObject({
      id: z.enum(['leaflet', 'pharmacy', 'middle', 'insert', 'fine']),
      perMl: z.number().positive(),
      source: z.string(),
      default: z.boolean().optional(),
    }),
  ),
  metInPracticePerMl: z.tuple([z.number(), z.number()]),
  unmeasuredRangeMl: z.record(viscosity, z.tuple([z.number(), z.number()])),
  advice: z.string(),
});

export type UsualContainer = z.infer<typeof containerSchema>;
