import { z } from 'zod';
import { nameSchema } from '../quantity';

/** Who got pieces of a batch, and when. */
export const recipientSchema = z.strictObject({
  batchId: z.string().min(1).max(120),
  /** How many pieces. */
  pieces: z.number().int().min(1).max(1000),
  /** Which, where that matters: `3`, `the small one`; empty where not. */
  which: z.string().max(80),
  /** Null for someone who is not in the house: the raffle table, a friend of a friend. */
  personId: z.string().min(1).max(120).nullable(),
  name: nameSchema(120),
  /** The day, `2026-11-25`. */
  on: z.iso.date(),
  /** What their skin said of it, where it did; followed once someone has seen to it. */
  reaction: z
    .strictObject({
      on: z.iso.date(),
      what: z.string().trim().min(1).max(500),
      followedOn: z.iso.date().nullable(),
    })
    .optional(),
  /** The day on which they were told not to use it. */
  toldOn: z.iso.date().optional(),
});
export type Recipient = z.infer<typeof recipientSchema>;

/** How many pieces of a batch are still here; less than nothing where more were given than made. */
export const piecesLeft = (
  made: number,
  recipients: readonly Pick<Recipient, 'pieces'>[],
): number => made - recipients.reduce((total, { pieces }) => total + pieces, 0);
