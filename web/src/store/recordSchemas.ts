import { analysisSchema, bottleSchema } from '@jubbet/core/stock';
import { blendFileSchema } from '@jubbet/core/exchange';
import { recipeSchema } from '@jubbet/core/recipe';
import { personSchema } from '@jubbet/core/brief';
import { madeSummarySchema } from '@jubbet/core/batch';
import { ownMaterialSchema, ownContainerSchema } from '@jubbet/core/catalog';
import { ruleIds } from '@jubbet/core/limits';
import type { BenchEvent } from '@jubbet/core/making';
import { z } from 'zod';
import type { House } from './database';

export const moment = z.iso.datetime();
const id = z.string().min(1).max(100);
const verdict = z.enum(['within', 'caution', 'over', 'unknown']);

const step = z.string().max(200);
const bottle = z.number().int().min(0).max(999);

const benchEvent: z.ZodType<BenchEvent> = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.enum(['drop', 'take-back', 'done', 'reopened']), step }),
  z.strictObject({ kind: z.literal('asked'), step, drops: z.number().int().min(0).max(10_000) }),
  z.strictObject({ kind: z.literal('moved'), vessel: bottle, vesselId: z.string().max(60) }),
  z.strictObject({
    kind: z.literal('filled'),
    vessel: bottle,
    percent: z.number().positive().max(200),
  }),
  z.strictObject({ kind: z.literal('discarded'), vessel: bottle }),
  z.strictObject({
    kind: z.literal('reason'),
    step,
    words: z.string().max(2000),
    over: z
      .array(
        z.strictObject({
          rule: z.enum(ruleIds),
          subject: z.string().max(200),
          value: z.number().nullable(),
        }),
      )
      .max(200),
  }),
]);

const times = { createdAt: moment, updatedAt: moment, deletedAt: moment.nullable() };

/** Counts that a file may hold: whatever they were, they are made anew. */
const count = z.number().int().min(1);

/** A record of each table, as it leaves in the file and comes in again. */
export const recordSchemas = {
  materials: z.strictObject({ id, own: ownMaterialSchema, ...times }),
  blends: z.strictObject({ id, recipe: recipeSchema, revision: count, ...times }),
  people: z.strictObject({ id, person: personSchema, ...times }),
  bottles: z.strictObject({ id, bottle: bottleSchema, ...times }),
  vessels: z.strictObject({ id, vessel: ownContainerSchema, ...times }),
  batches: z.strictObject({
    id,
    number: z.string().min(1).max(40),
    blendId: id,
    file: blendFileSchema,
    askedPercent: z.number().min(0).max(100).nullable(),
    verdict: verdict.nullable(),
    personId: id.nullable(),
    materials: z.array(ownMaterialSchema).max(200),
    analyses: z.record(z.string().max(120), analysisSchema),
    reason: z.string().max(10_000),
    startedAt: moment,
    finishedAt: moment.nullable(),
    made: madeSummarySchema.nullable(),
    notToBeUsed: z.boolean(),
    madeOn: z.iso.date(),
    notes: z.string().max(10_000),
    deletedAt: moment.nullable(),
  }),
  drafts: z.strictObject({
    id,
    blendId: id,
    number: count,
    name: z.string().max(120),
    good: z.string().max(10_000),
    recipe: recipeSchema,
    at: moment,
    batchId: id.nullable(),
  }),
  events: z.strictObject({ seq: z.number().int(), batchId: id, at: moment, event: benchEvent }),
  settings: z.strictObject({ key: z.string().max(60), value: z.unknown() }),
} satisfies Record<keyof House, z.ZodType>;

export type Table = keyof House;

/** In this order they are read: materials first, since all others speak of them. */
export const tables = Object.keys(recordSchemas) as readonly Table[];

/** What one record of a table is called. */
export const recordWords: Record<Table, string> = {
  materials: 'material',
  blends: 'blend',
  people: 'person',
  bottles: 'bottle',
  vessels: 'vessel',
  batches: 'batch',
  drafts: 'draft',
  events: 'bench entry',
  settings: 'setting',
};
