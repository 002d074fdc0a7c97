import { z } from 'zod';
import { contentSchema } from '../catalog';

/** True for a day that there is: 2026-02-31 is none. */
export const isDay = (text: string): boolean => z.iso.date().safeParse(text).success;

/** A day that there is: 2026-02-31 is none. */
const day = z.iso
  .date({ error: 'day-form' })
  .refine((text) => /^(19|20)/.test(text), { error: 'day-century' });

/** What a laboratory found in one bottle. */
export const analysisSchema = z.strictObject({
  source: z.string().max(200),
  contents: z.array(contentSchema).max(1000),
});

/** A bottle of oil or of a base on the shelf. */
export const bottleSchema = z
  .strictObject({
    materialId: z.string().min(1),
    lot: z.string().max(80),
    supplier: z.string().max(120),
    /** When it was bought; null where no one knows. */
    boughtOn: day.nullable(),
    openedOn: day.nullable(),
    /** The date printed on it, until which it keeps. */
    printedDate: day.nullable(),
    /** What it is measured by: what pours by ml, what is weighed out by g. */
    unit: z.enum(['ml', 'g']),
    /** What it held when it was full, and what was in it when it came onto the shelf, in its unit. */
    size: z.number().positive().max(20_000),
    atStart: z.number().min(0).max(20_000),
    /** What it cost in all, in the maker's own money; null where it is not known. */
    price: z.number().min(0).max(100_000).nullable(),
    weighings: z
      .array(
        z.strictObject({
          drops: z.number().int().min(1).max(1000),
          massG: z.number().positive().max(100),
        }),
      )
      .max(20),
    /** Constituents by a batch analysis of this bottle; null where there is none. */
    analysis: analysisSchema.nullable(),
    /** Ingredients as they are printed on it, where that is what decides. */
    inci: z.string().max(1000).optional(),
    /** Taken first, whatever the dates of the others say. */
    first: z.boolean(),
    /** Emptied or thrown away. */
    finishedOn: day.nullable(),
  })
  .refine(({ size, atStart }) => atStart <= size, {
    error: 'more-than-holds',
    path: ['atStart'],
  });

/** A bottle on the shelf. */
export type Bottle = z.infer<typeof bottleSchema>;
