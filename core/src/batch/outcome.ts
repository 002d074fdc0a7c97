import { containerKind } from '../catalog';
import { z } from 'zod';

const amount = z.number().min(0).max(1_000_000);
const verdict = z.enum(['within', 'caution', 'over', 'unknown']);
const material = { id: z.string().max(120), name: z.string().max(200), ml: amount, g: amount };

/** What is in containers that hold the same: what was counted and measured, with its names. */
const contentSchema = z.strictObject({
  /** Their numbers at the bench, from 0; 0 alone for the jug from which all were filled. */
  numbers: z.array(z.number().int().min(0).max(999)).min(1).max(1000),
  container: z.strictObject({
    kind: containerKind,
    nominalMl: z.number().positive().max(1_000_000),
  }),
  ml: amount,
  g: amount,
  /** All essential oil together, in percent, by what the blend is measured by. */
  percent: z.number().min(0).max(100),
  verdict: verdict.nullable(),
  oils: z
    .array(z.strictObject({ ...material, drops: z.number().int().min(0).max(10_000).nullable() }))
    .max(200),
  bases: z.array(z.strictObject(material)).max(200),
});

/** What came of a batch, as it is in its record: from what was counted and measured. */
export const madeSummarySchema = z.strictObject({
  /** The worst of its containers; null where nothing went in. */
  verdict: verdict.nullable(),
  /** Some container must not be used by its wearer. */
  blocking: z.boolean(),
  /** The weakest and the strongest container, in percent; null where nothing went in. */
  percent: z.tuple([z.number().min(0).max(100), z.number().min(0).max(100)]).nullable(),
  /** The earliest of its containers; null where nothing went in. */
  bestBefore: z.iso.date().nullable(),
  /** The day on which that was said. */
  judgedOn: z.iso.date(),
  /** What is in it, container by container; null of batches from before that was kept. */
  contents: z.array(contentSchema).max(1000).nullable(),
});

export type MadeSummary = z.infer<typeof madeSummarySchema>;
export type MadeContents = z.infer<typeof contentSchema>;
