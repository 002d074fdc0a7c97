import {
  blendDraftSchema,
  blendFileSchema,
  bottleSchema,
  firstProblem,
  ownMaterialSchema,
  ownVesselSchema,
  personSchema,
  type BenchEvent,
} from '@jubbet/core';
import { z } from 'zod';
import { db, type Database, type House } from './database';
import { now } from './now';
import { houseWithUnits } from './olderForms';

const moment = z.iso.datetime();
const id = z.string().min(1).max(100);
const verdict = z.enum(['holds', 'mind', 'over', 'not-known']);

const step = z.string().max(200);
const bottle = z.number().int().min(0).max(999);

const benchEvent: z.ZodType<BenchEvent> = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.enum(['drop', 'take-back', 'done', 'reopened']), step }),
  z.strictObject({ kind: z.literal('asked'), step, drops: z.number().int().min(0).max(10_000) }),
  z.strictObject({ kind: z.literal('moved'), vessel: bottle, vesselId: z.string().max(60) }),
  z.strictObject({
    kind: z.literal('filled'),
    vessel: bottle,
    percent: z.number().positive().max(100),
  }),
  z.strictObject({ kind: z.literal('discarded'), vessel: bottle }),
]);

const houseSchema = z.strictObject({
  blends: z.array(
    z.strictObject({
      id,
      draft: blendDraftSchema,
      revision: z.number().int().min(1),
      createdAt: moment,
      updatedAt: moment,
      deletedAt: moment.nullable(),
    }),
  ),
  batches: z.array(
    z.strictObject({
      id,
      number: z.string().min(1).max(40),
      blendId: id,
      file: blendFileSchema,
      askedPercent: z.number().nullable(),
      verdict,
      reason: z.string().max(10_000),
      startedAt: moment,
      finishedAt: moment.nullable(),
      madeOn: z.iso.date(),
      notes: z.string().max(10_000),
    }),
  ),
  events: z.array(
    z.strictObject({ seq: z.number().int(), batchId: id, at: moment, event: benchEvent }),
  ),
  people: z.array(
    z.strictObject({
      id,
      person: personSchema,
      createdAt: moment,
      updatedAt: moment,
      deletedAt: moment.nullable(),
    }),
  ),
  drafts: z.array(
    z.strictObject({
      id,
      blendId: id,
      number: z.number().int().min(1),
      name: z.string().max(120),
      good: z.string().max(10_000),
      draft: blendDraftSchema,
      at: moment,
      batchId: id.nullable(),
    }),
  ),
  materials: z
    .array(
      z.strictObject({
        id,
        own: ownMaterialSchema,
        createdAt: moment,
        updatedAt: moment,
        deletedAt: moment.nullable(),
      }),
    )
    .default([]),
  bottles: z
    .array(
      z.strictObject({
        id,
        bottle: bottleSchema,
        createdAt: moment,
        updatedAt: moment,
        deletedAt: moment.nullable(),
      }),
    )
    .default([]),
  vessels: z
    .array(
      z.strictObject({
        id,
        vessel: ownVesselSchema,
        createdAt: moment,
        updatedAt: moment,
        deletedAt: moment.nullable(),
      }),
    )
    .default([]),
  settings: z.array(z.strictObject({ key: z.string().max(60), value: z.unknown() })),
});

/** Version 1 had no vessels, and bottles in ml only. */
const fileVersion = 2;

const fileSchema = z.strictObject({
  format: z.literal('jubbet-house'),
  version: z.literal(fileVersion),
  savedAt: moment,
  house: houseSchema,
});

/** What reading a file of all data comes to. */
export type ReadHouse =
  | { readonly ok: true; readonly savedAt: string; readonly house: House }
  | { readonly ok: false; readonly sentence: string };

const no = (sentence: string): ReadHouse => ({ ok: false, sentence });

/** How the data of a file get in. */
export type Manner = 'replace' | 'add';

/** What would be written, before anything is. */
export interface Summary {
  readonly blends: number;
  readonly batches: number;
  readonly people: number;
  /** In the file and in the house: left as they are where data are added. */
  readonly known: number;
  /** In the house and not in the file: gone where data are replaced. */
  readonly gone: number;
}

const tablesOf = (store: Database) => [
  store.blends,
  store.batches,
  store.events,
  store.people,
  store.drafts,
  store.materials,
  store.bottles,
  store.vessels,
  store.settings,
];

const readAll = async (store: Database): Promise<House> => ({
  blends: await store.blends.toArray(),
  batches: await store.batches.toArray(),
  events: await store.events.toArray(),
  people: await store.people.toArray(),
  drafts: await store.drafts.toArray(),
  materials: await store.materials.toArray(),
  bottles: await store.bottles.toArray(),
  vessels: await store.vessels.toArray(),
  settings: await store.settings.toArray(),
});

const missing = <T extends { id: string }>(from: readonly T[], there: readonly T[]): T[] => {
  const ids = new Set(there.map((record) => record.id));
  return from.filter((record) => !ids.has(record.id));
};

/** A number that stands on a label already gets a mark beside it. */
const unusedNumber = (number: string, taken: ReadonlySet<string>): string => {
  let next = number;
  for (let n = 2; taken.has(next); n += 1) next = `${number} (${n})`;
  return next;
};

const replaceAll = async (store: Database, house: House): Promise<void> => {
  await Promise.all(tablesOf(store).map((table) => table.clear()));
  await store.blends.bulkAdd(house.blends);
  await store.batches.bulkAdd(house.batches);
  await store.events.bulkAdd(house.events);
  await store.people.bulkAdd(house.people);
  await store.drafts.bulkAdd(house.drafts);
  await store.materials.bulkAdd(house.materials);
  await store.bottles.bulkAdd(house.bottles);
  await store.vessels.bulkAdd(house.vessels);
  await store.settings.bulkAdd(house.settings);
};

const addMissing = async (store: Database, house: House, here: House): Promise<void> => {
  const batches = missing(house.batches, here.batches);
  const taken = new Set(here.batches.map(({ number }) => number));
  const numbered = batches.map((batch) => {
    const number = unusedNumber(batch.number, taken);
    taken.add(number);
    return { ...batch, number };
  });
  const added = new Set(batches.map((batch) => batch.id));
  await store.blends.bulkAdd(missing(house.blends, here.blends));
  await store.batches.bulkAdd(numbered);
  await store.events.bulkAdd(
    house.events
      .filter(({ batchId }) => added.has(batchId))
      .map(({ batchId, at, event }) => ({ batchId, at, event })),
  );
  await store.people.bulkAdd(missing(house.people, here.people));
  await store.drafts.bulkAdd(missing(house.drafts, here.drafts));
  await store.materials.bulkAdd(missing(house.materials, here.materials));
  await store.bottles.bulkAdd(missing(house.bottles, here.bottles));
  await store.vessels.bulkAdd(missing(house.vessels, here.vessels));
};

/** All data, out to one file and in again. */
export const houseStore = (store: Database = db) => ({
  /** Everything, as the text of one file. */
  write: async (): Promise<string> => {
    const house = await store.transaction('r', store.tables, () => readAll(store));
    return `${JSON.stringify({ format: 'jubbet-house', version: fileVersion, savedAt: now(), house }, null, 1)}\n`;
  },
  /** Reads a file; nothing is changed. */
  read: (text: string): ReadHouse => {
    let json: unknown;
    try {
      json = JSON.parse(text.replace(/^\uFEFF/, ''));
    } catch {
      return no('This is not JSON, or it is cut off.');
    }
    const head = z.looseObject({ format: z.unknown(), version: z.unknown() }).safeParse(json).data;
    if (head?.format === 'jubbet-blend') {
      return no('This file holds one blend. Read it in from the blends.');
    }
    if (head?.format !== 'jubbet-house') return no('This is not a file of all data.');
    if (head.version !== 1 && head.version !== fileVersion) {
      return no(
        `This file is of version ${JSON.stringify(head.version)}; this Jubbet reads versions 1 to ${fileVersion}.`,
      );
    }
    const lifted =
      head.version === 1
        ? { ...head, version: fileVersion, house: houseWithUnits(head['house']) }
        : json;
    const parsed = fileSchema.safeParse(lifted);
    if (!parsed.success) {
      const { field, message } = firstProblem(parsed.error, lifted);
      return no(`${field} ${message}.`);
    }
    const { house, savedAt } = parsed.data;
    const numbers = new Set(house.batches.map(({ number }) => number));
    if (numbers.size < house.batches.length) return no('Two batches in it have the same number.');
    return { ok: true, savedAt, house };
  },
  /** What getting these data in would do. */
  summary: async (house: House): Promise<Summary> => {
    const here = await store.transaction('r', store.tables, () => readAll(store));
    const count = (key: 'blends' | 'batches' | 'people') =>
      missing<{ id: string }>(house[key], here[key]).length;
    const all = (from: House) => [...from.blends, ...from.batches, ...from.people];
    return {
      blends: count('blends'),
      batches: count('batches'),
      people: count('people'),
      known: all(house).length - count('blends') - count('batches') - count('people'),
      gone: missing<{ id: string }>(all(here), all(house)).length,
    };
  },
  /** Gets data in, in one transaction that leaves a way back. */
  bringIn: (house: House, manner: Manner): Promise<void> =>
    store.transaction('rw', store.tables, async () => {
      const here = await readAll(store);
      await store.snapshots.put({
        id: 'last',
        at: now(),
        why: 'before a file was read in',
        house: here,
      });
      if (manner === 'replace') await replaceAll(store, house);
      else await addMissing(store, house, here);
    }),
  /** Takes everything of the example house out, or all there is, leaving a way back. */
  clear: (): Promise<void> =>
    store.transaction('rw', store.tables, async () => {
      const here = await readAll(store);
      await store.snapshots.put({
        id: 'last',
        at: now(),
        why: 'before all was cleared',
        house: here,
      });
      const settings = here.settings;
      await replaceAll(store, {
        blends: [],
        batches: [],
        events: [],
        people: [],
        drafts: [],
        materials: [],
        bottles: [],
        vessels: [],
        settings,
      });
    }),
  /** When the way back was laid, and why; null where there is none. */
  wayBack: async (): Promise<{ at: string; why: string } | null> => {
    const found = await store.snapshots.get('last');
    return found ? { at: found.at, why: found.why } : null;
  },
  /** Puts everything back as it was; what is there now becomes the way back. */
  goBack: (): Promise<void> =>
    store.transaction('rw', store.tables, async () => {
      const found = await store.snapshots.get('last');
      if (!found) return;
      const here = await readAll(store);
      await replaceAll(store, found.house);
      await store.snapshots.put({ id: 'last', at: now(), why: 'before going back', house: here });
    }),
});

export const house = houseStore();
