import { z } from 'zod';

const id = z.string().min(1).max(120);
/** In the unit of the bottle. */
const amount = z.number().positive().max(20_000);
const left = z.number().min(0).max(20_000);
/** What the ledger came to: less than nothing where more was taken out than was in it on paper. */
const balance = z.number().min(-1_000_000).max(20_000);
const why = z.string().max(500);

/**
 * One thing that happened to what is in a bottle. Movements are only ever added; what was wrong is
 * undone by another that names it.
 */
export const movementSchema = z.discriminatedUnion('kind', [
  /** A batch took it. */
  z.strictObject({ kind: z.literal('used'), batchId: id, batchNumber: z.string().max(40), amount }),
  z.strictObject({ kind: z.literal('spilled'), amount, why }),
  z.strictObject({ kind: z.literal('given-away'), amount, why }),
  z.strictObject({ kind: z.literal('thrown-away'), amount, why }),
  /** Looked at again: so much was found where so much was reckoned. */
  z.strictObject({ kind: z.literal('counted'), found: left, reckoned: balance, why }),
  /** The bottle was finished with so much still in it. */
  z.strictObject({ kind: z.literal('finished'), amount }),
  /** Moved to another bottle of the shelf. */
  z.strictObject({ kind: z.literal('decanted'), amount, into: id }),
  z.strictObject({ kind: z.literal('undone'), undoes: id }),
]);
export type Movement = z.infer<typeof movementSchema>;
