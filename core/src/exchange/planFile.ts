import { z } from 'zod';
import { mostInPlan, momentSchema as moment, type WeeklySpan } from '../planning';

/** Days as a plan file writes them, Monday first. */
export const planDays = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const;

const timeOfDay = z.string().regex(/^(([01]\d|2[0-3]):[0-5]\d|24:00)$/, { error: 'time-form' });

const minutesOf = (time: string): number => 60 * Number(time.slice(0, 2)) + Number(time.slice(3));

const span = z
  .strictObject({ day: z.enum(planDays), from: timeOfDay, to: timeOfDay })
  .refine(({ from, to }) => from < to, { error: 'span-empty', path: ['to'] })
  .transform(({ day, from, to }): WeeklySpan => ({
    ...{ day: planDays.indexOf(day), from: minutesOf(from), to: minutesOf(to) },
  }));

const id = z.string().min(1).max(120);
const amount = z.number().min(0).max(100_000);
const size = z.number().positive().max(100_000);
const price = z.number().min(0).max(1_000_000);
const there = z.number().int().min(1).max(100);

/** In ml or in g, and only in one of them. */
const measured = { ml: amount.optional(), g: amount.optional() };
const inOneUnit = ({ ml, g }: { ml?: number | undefined; g?: number | undefined }): boolean =>
  (ml === undefined) !== (g === undefined);

const shelfRow = z
  .strictObject({
    id,
    material: id,
    ...measured,
    lot: z.string().max(120).optional(),
    opened: z.iso.date().nullish(),
    bestBefore: z.iso.date().nullish(),
    price: price.nullish(),
    sizeMl: size.nullish(),
    sizeG: size.nullish(),
    dropMl: z.number().min(0.005).max(0.2).nullish(),
  })
  .refine(inOneUnit, { error: 'ml-or-g' });

const soldSize = z
  .strictObject({ ...measured, price: price.nullish() })
  .refine(inOneUnit, { error: 'ml-or-g' })
  .refine(({ ml, g }) => (ml ?? g ?? 0) > 0, { error: 'size-empty' });

/** What stands twice under an id, as the bottle, line or container that it names is one. */
const once = (rows: readonly { readonly id: string }[], ctx: z.RefinementCtx): void => {
  const seen = new Map<string, number>();
  rows.forEach((row, n) => {
    const first = seen.get(row.id);
    if (first === undefined) seen.set(row.id, n);
    else ctx.addIssue({ code: 'custom', path: [n, 'id'], params: { first: first + 1 } });
  });
};

/** A plan of gifts as a file. The blends in it are read by themselves. */
export const planFileSchema = z
  .strictObject({
    format: z.literal('jubbet-plan'),
    version: z.literal(1),
    name: z.string().max(120).default(''),
    from: moment,
    ready: moment,
    hours: z.array(span).min(1).max(mostInPlan.spans).optional(),
    hands: there.default(1),
    pans: there.default(1),
    fridges: there.default(1),
    largestJugMl: z.number().positive().max(mostInPlan.jugMl).default(500),
    lines: z
      .array(
        z.strictObject({
          id,
          blend: z.unknown(),
          pieces: z.number().int().min(1).max(mostInPlan.pieces),
          patchTest: z.boolean().default(false),
        }),
      )
      .min(1)
      .max(mostInPlan.lines)
      .superRefine(once),
    shelf: z.array(shelfRow).max(2000).superRefine(once).default([]),
    sold: z
      .array(z.strictObject({ material: id, sizes: z.array(soldSize).max(50) }))
      .max(2000)
      .default([]),
    containers: z
      .array(
        z.strictObject({
          id,
          have: z.number().int().min(0).max(100_000).default(0),
          pack: z.number().int().min(1).max(100_000).default(1),
          price: price.nullish(),
        }),
      )
      .max(mostInPlan.containers)
      .superRefine(once)
      .default([]),
  })
  .refine(({ from, ready }) => from < ready, { error: 'ready-before-from', path: ['ready'] });

export type PlanFile = z.infer<typeof planFileSchema>;
