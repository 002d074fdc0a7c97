import { z } from 'zod';
import type { Day } from '../quantity';
import type { Moment } from './wallClock';

/** A moment by the wall clock that there is, without a zone. */
export const momentSchema = z
  .string()
  .regex(/^\d{4}-\d{2}-\d{2}T([01]\d|2[0-3]):[0-5]\d$/, { error: 'moment-form' })
  .refine((text) => z.iso.date().safeParse(text.slice(0, 10)).success && /^(19|20)/.test(text), {
    error: 'moment-form',
  });

const there = z.number().int().min(1).max(100);
const minuteOfDay = z.number().int().min(0).max(1440);

/** How much of anything a plan may speak of: what is more is no table of gifts. */
export const mostInPlan = {
  lines: 100,
  pieces: 1000,
  spans: 100,
  containers: 500,
  jugMl: 20_000,
} as const;

/** A plan of gifts as the maker sets it: which blends, how many, by when, with what. */
export const planSchema = z
  .strictObject({
    name: z.string().max(120),
    /** When work can begin, and when all must be ready. */
    from: momentSchema,
    ready: momentSchema,
    /** When hands may work, Monday is day 0; null for any time. */
    hours: z
      .array(
        z
          .strictObject({
            day: z.number().int().min(0).max(6),
            from: minuteOfDay,
            to: minuteOfDay,
          })
          .refine(({ from, to }) => from < to, { error: 'span-empty', path: ['to'] }),
      )
      .min(1)
      .max(mostInPlan.spans)
      .nullable(),
    hands: there,
    pans: there,
    fridges: there,
    largestJugMl: z.number().positive().max(mostInPlan.jugMl),
    lines: z
      .array(
        z.strictObject({
          id: z.string().min(1).max(100),
          blendId: z.string().min(1).max(100),
          pieces: z.number().int().min(1).max(mostInPlan.pieces),
          patchTest: z.boolean(),
        }),
      )
      .max(mostInPlan.lines),
    /** Containers that are here, and how more are sold. */
    containers: z
      .array(
        z.strictObject({
          id: z.string().min(1).max(120),
          have: z.number().int().min(0).max(100_000),
          pack: z.number().int().min(1).max(100_000),
          price: z.number().min(0).max(1_000_000).nullable(),
        }),
      )
      .max(mostInPlan.containers),
  })
  .refine(({ from, ready }) => from < ready, { error: 'ready-before-from', path: ['ready'] });

export type Plan = z.infer<typeof planSchema>;
export type PlanLine = Plan['lines'][number];

const at = (day: Day, time: string): Moment => `${day}T${time}`;

/** A new plan: from a morning on, ready by an evening, one maker with one pan. */
export const emptyPlan = (from: Day, ready: Day): Plan => ({
  name: '',
  from: at(from, '09:00'),
  ready: at(ready, '18:00'),
  hours: null,
  hands: 1,
  pans: 1,
  fridges: 1,
  largestJugMl: 500,
  lines: [],
  containers: [],
});

/** A plan with a row for a container: the same kind stands once. */
export const withContainer = (plan: Plan, row: Plan['containers'][number]): Plan => ({
  ...plan,
  containers: [...plan.containers.filter(({ id }) => id !== row.id), row],
});
