import { z } from 'zod';
import { id, isObject, moment } from './fields';
import { migration, recordKind, type RecordOf } from './recordKind';

/**
 * One making of a blend. It carries all that it was made of: later changes to the blend, to the
 * shelf and to the people of the house do not reach here.
 */
export const batches = recordKind({
  table: 'batches',
  word: 'batch',
  schema: async () => {
    const {
      analysisSchema,
      blendFileSchema,
      madeSummarySchema,
      ownMaterialSchema,
      packedLogSchema,
    } = await import('./coreForms');
    return z.strictObject({
      id,
      /** `2026-017`. */
      number: z.string().min(1).max(40),
      blendId: id,
      /** With whole drops: parts are settled. Containers are in it with their measures. */
      file: blendFileSchema,
      /** Target of essential oil, in percent by volume; null where only drops were given. */
      targetPercent: z.number().min(0).max(100).nullable(),
      /** What was said of the plan when it was begun; null of a plan without oils. */
      verdict: z.enum(['within', 'caution', 'over', 'unknown']).nullable(),
      /** Who in the house it was for, where someone was. */
      personId: id.nullable(),
      /** Materials and figures of the house's own that are in it, as they were. */
      materials: z.array(ownMaterialSchema).max(200),
      /** What laboratories had found of the bottles it was made from, by id of the oil. */
      analyses: z.record(z.string().max(120), analysisSchema),
      /** The bottles of the shelf it was made from, by id of the material. */
      bottles: z.record(z.string().max(120), z.strictObject({ id, lot: z.string().max(80) })),
      /**
       * What its bottles had cost when it was finished, by id of the bottle, and in what money; absent
       * of batches from before that was kept.
       */
      prices: z
        .strictObject({
          currency: z.string().max(8),
          of: z.record(
            id,
            z.strictObject({
              price: z.number().min(0).max(100_000),
              size: z.number().positive().max(20_000),
              unit: z.enum(['ml', 'g']),
            }),
          ),
        })
        .optional(),
      /** What the maker wrote before going past a soft limit; empty where none was passed. */
      reason: z.string().max(10_000),
      /** Why it is sold past a limit, in the maker's words. */
      saleReason: z.string().max(2000).optional(),
      startedAt: moment,
      finishedAt: moment.nullable(),
      updatedAt: moment,
      /** What came of it, from what was counted; null until it is finished. */
      made: madeSummarySchema.nullable(),
      /** What a file says came of it, until that is judged here. */
      madeInFile: madeSummarySchema.optional(),
      /** What happened at its bench; null while it is on the bench, and each thing has its record. */
      log: packedLogSchema.nullable(),
      /** Finished as not to be used: its label says that, and nothing else. */
      notToBeUsed: z.boolean(),
      /** Day of making, as on the label. */
      madeOn: z.iso.date(),
      notes: z.string().max(10_000),
      /** How it was, after some days: a mark from 1 to 5, and words; null until someone says. */
      review: z
        .strictObject({
          mark: z.number().int().min(1).max(5),
          words: z.string().max(2000),
          at: moment,
        })
        .nullable(),
      /** Null while it is in the log. What is deleted stays, so that its number never comes again. */
      deletedAt: moment.nullable(),
    });
  },
  indexes:
    'id, &number, blendId, [blendId+startedAt], startedAt, finishedAt, deletedAt, personId, made.judgedOn, file.name',
  migrations: {
    14: migration((record) => {
      if (!isObject(record)) return record;
      const { askedPercent: targetPercent, beforeLedger: _, ...rest } = record;
      return { ...rest, targetPercent };
    }),
  },
  // Its number gets a mark: two labels never bear the same.
  conflictCopy: (record, other) => ({ ...record, id: other }),
  nameOf: ({ file, number }) =>
    typeof file === 'object' && file !== null && 'name' in file && file.name ? file.name : number,
});

export type BatchRecord = RecordOf<typeof batches>;
