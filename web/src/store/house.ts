import {
  analysisSchema,
  blendDraftSchema,
  blendFileSchema,
  bottleSchema,
  firstProblem,
  madeSummarySchema,
  ownMaterialSchema,
  ownVesselSchema,
  personSchema,
  ruleIds,
  type BenchEvent,
} from '@jubbet/core';
import { z } from 'zod';
import {
  db,
  type BatchRecord,
  type Database,
  type DraftRecord,
  type House,
  type MaterialRecord,
} from './database';
import { exampleIds, exampleNotes } from './exampleIds';
import { exampleMaker } from './exampleBlends';
import { madeBlend } from './madeBlend';
import { numberedApart } from './numberedApart';
import { now } from './now';
import { houseWithUnits, withBatchesOfTheirOwn } from './olderForms';
import { isSerialKey, isSetting } from './settings';

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
const recordSchemas = {
  materials: z.strictObject({ id, own: ownMaterialSchema, ...times }),
  blends: z.strictObject({ id, draft: blendDraftSchema, revision: count, ...times }),
  people: z.strictObject({ id, person: personSchema, ...times }),
  bottles: z.strictObject({ id, bottle: bottleSchema, ...times }),
  vessels: z.strictObject({ id, vessel: ownVesselSchema, ...times }),
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
    draft: blendDraftSchema,
    at: moment,
    batchId: id.nullable(),
  }),
  events: z.strictObject({ seq: z.number().int(), batchId: id, at: moment, event: benchEvent }),
  settings: z.strictObject({ key: z.string().max(60), value: z.unknown() }),
} satisfies Record<keyof House, z.ZodType>;

type Table = keyof House;

/** In this order they are read: materials first, since all others speak of them. */
const tables = Object.keys(recordSchemas) as readonly Table[];

/** What one record of a table is called. */
const recordWords: Record<Table, string> = {
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

/** Version 1 had no vessels, and bottles in ml only; 2 had batches that carried nothing. */
const fileVersion = 3;

const headSchema = z.looseObject({ format: z.unknown(), version: z.unknown() });

const fileSchema = z.strictObject({
  format: z.literal('jubbet-house'),
  version: z.literal(fileVersion),
  savedAt: moment,
  house: z.strictObject(
    Object.fromEntries(tables.map((table) => [table, z.array(z.unknown()).default([])])) as Record<
      Table,
      z.ZodDefault<z.ZodArray<z.ZodUnknown>>
    >,
  ),
});

/** A record of a file that cannot be read: it is set aside, and the rest comes in. */
export interface SetAside {
  /** What it is, by its name where it has one: `blend “Row G”`. */
  readonly what: string;
  readonly why: string;
}

/** What reading a file of all data comes to. */
export type ReadHouse =
  | {
      readonly ok: true;
      readonly savedAt: string;
      readonly house: House;
      readonly setAside: readonly SetAside[];
    }
  | { readonly ok: false; readonly sentence: string };

const no = (sentence: string): ReadHouse => ({ ok: false, sentence });

const nameSchema = z.looseObject({
  file: z.looseObject({ name: z.string() }).optional().catch(undefined),
  draft: z.looseObject({ name: z.string() }).optional().catch(undefined),
  person: z.looseObject({ name: z.string() }).optional().catch(undefined),
  own: z.looseObject({ name: z.string() }).optional().catch(undefined),
  vessel: z.looseObject({ name: z.string() }).optional().catch(undefined),
  bottle: z.looseObject({ lot: z.string() }).optional().catch(undefined),
});

const calledOf = (table: Table, record: unknown, index: number): string => {
  const found = nameSchema.safeParse(record).data;
  const name =
    found?.file?.name ??
    found?.draft?.name ??
    found?.person?.name ??
    found?.own?.name ??
    found?.vessel?.name ??
    found?.bottle?.lot;
  const word = recordWords[table];
  return name ? `${word} “${name.slice(0, 80)}”` : `${word} ${index + 1}`;
};

/** Reads each record of a table by itself; what cannot be read is set aside and named. */
const readTable = <T>(
  table: Table,
  rows: readonly unknown[],
  schema: z.ZodType<T>,
  aside: SetAside[],
  check: (record: T) => string | null,
): T[] =>
  rows.flatMap((row, index): T[] => {
    const parsed = schema.safeParse(row);
    if (!parsed.success) {
      const { field, message } = firstProblem(parsed.error, row);
      aside.push({ what: calledOf(table, row, index), why: `${field} ${message}` });
      return [];
    }
    const problem = check(parsed.data);
    if (problem === null) return [parsed.data];
    aside.push({ what: calledOf(table, row, index), why: problem });
    return [];
  });

/** Says of the second of two with the same id that it stands twice. */
const once = () => {
  const seen = new Set<string>();
  return ({ id: own }: { readonly id: string }): string | null => {
    if (seen.has(own)) return 'stands twice in the file';
    seen.add(own);
    return null;
  };
};

const isReadable = (batch: BatchRecord): string | null => {
  try {
    madeBlend(batch);
    return null;
  } catch (error) {
    return error instanceof Error ? error.message : String(error);
  }
};

/**
 * Materials that only batches carry: they come in as taken out, so that those batches can still
 * be read by their names.
 */
const carriedBy = (
  batches: readonly BatchRecord[],
  own: readonly MaterialRecord[],
): MaterialRecord[] => {
  const known = new Set(own.map((record) => record.id));
  return batches.flatMap(({ materials, startedAt: at }) =>
    materials.flatMap((material): MaterialRecord[] => {
      if (material.kind === 'figure' || known.has(material.id)) return [];
      known.add(material.id);
      return [{ id: material.id, own: material, createdAt: at, updatedAt: at, deletedAt: at }];
    }),
  );
};

/** Counters begin anew, so that none of a file stands in the way of the next. */
const renumbered = (drafts: readonly DraftRecord[]): DraftRecord[] => {
  const last = new Map<string, number>();
  return [...drafts]
    .sort((a, b) => a.number - b.number)
    .map((draft) => {
      const number = (last.get(draft.blendId) ?? 0) + 1;
      last.set(draft.blendId, number);
      return { ...draft, number };
    });
};

/** Every record of a file that can be read, in the form in which it is stored. */
const readRecords = (
  raw: Readonly<Record<Table, readonly unknown[]>>,
): { readonly house: House; readonly setAside: readonly SetAside[] } => {
  const aside: SetAside[] = [];
  const rows = <K extends Exclude<Table, 'events' | 'settings'>>(
    table: K,
    check: (record: z.infer<(typeof recordSchemas)[K]>) => string | null = () => null,
  ): z.infer<(typeof recordSchemas)[K]>[] => {
    const twice = once();
    return readTable(
      table,
      raw[table],
      recordSchemas[table] as unknown as z.ZodType<z.infer<(typeof recordSchemas)[K]>>,
      aside,
      (record) => twice(record) ?? check(record),
    );
  };
  const own = rows('materials');
  const blends = rows('blends').map((blend) => ({ ...blend, revision: 1 }));
  const people = rows('people');
  const bottles = rows('bottles');
  const vessels = rows('vessels');
  const batches = numberedApart(rows('batches', isReadable), []);
  const materials = [...own, ...carriedBy(batches, own)];
  const drafts = renumbered(rows('drafts'));
  const there = new Set(batches.map((batch) => batch.id));
  const events = readTable('events', raw.events, recordSchemas.events, aside, ({ batchId }) =>
    there.has(batchId) ? null : 'its batch is not in the file',
  )
    .sort((a, b) => a.seq - b.seq)
    .map((event, n) => ({ ...event, seq: n + 1 }));
  const settings = readTable('settings', raw.settings, recordSchemas.settings, aside, isSetting);
  return {
    house: { blends, batches, events, people, drafts, materials, bottles, vessels, settings },
    setAside: aside,
  };
};

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

/** The same house without what the example put in and nobody has touched. */
const withoutExample = (here: House): House => {
  const isExample = (record: { readonly id: string }) => exampleIds.has(record.id);
  const touched = new Set(
    here.events
      .filter(({ batchId, at }) =>
        here.batches.some((one) => one.id === batchId && one.startedAt !== at),
      )
      .map(({ batchId }) => batchId),
  );
  const blends = here.blends.filter((one) => !isExample(one) || one.revision > 1);
  const batches = here.batches.filter(
    (one) => !isExample(one) || touched.has(one.id) || one.notes !== exampleNotes(one.id),
  );
  const wearers = new Set([
    ...blends.map(({ draft }) => draft.brief.personId),
    ...batches.map(({ personId }) => personId),
  ]);
  const isTheirs = (one: { id: string; createdAt: string; updatedAt: string }) =>
    !isExample(one) || one.updatedAt !== one.createdAt;
  const blendIds = new Set(
    [...blends, ...batches.map(({ blendId: id }) => ({ id }))].map(({ id }) => id),
  );
  const batchIds = new Set(batches.map(({ id: one }) => one));
  return {
    blends,
    batches,
    events: here.events.filter(({ batchId }) => batchIds.has(batchId)),
    people: here.people.filter((one) => isTheirs(one) || wearers.has(one.id)),
    drafts: here.drafts.filter(
      (one) =>
        !isExample(one) ||
        (blendIds.has(one.blendId) && (one.batchId === null || batchIds.has(one.batchId))),
    ),
    materials: here.materials,
    bottles: here.bottles.filter(isTheirs),
    vessels: here.vessels.filter(isTheirs),
    settings: [
      // Nothing in a house of one's own is signed by the example's maker.
      ...here.settings.filter(
        ({ key, value }) => key !== 'seeded' && !(key === 'maker' && value === exampleMaker),
      ),
      // What the example has made may still have been on its way.
      { key: 'seeded', value: true },
    ],
  };
};

const missing = <T extends { id: string }>(from: readonly T[], there: readonly T[]): T[] => {
  const ids = new Set(there.map((record) => record.id));
  return from.filter((record) => !ids.has(record.id));
};

/** Of two sets of settings the second, with the higher of the serials that were given. */
const settingsOver = (before: House['settings'], after: House['settings']): House['settings'] => {
  const serials = before.filter(({ key, value }) => {
    const next = after.find((one) => one.key === key)?.value;
    return isSerialKey(key) && (typeof next !== 'number' || Number(value) > next);
  });
  const keys = new Set(serials.map(({ key }) => key));
  return [...after.filter(({ key }) => !keys.has(key)), ...serials];
};

const replaceAll = async (store: Database, house: House): Promise<void> => {
  const settings = settingsOver(await store.settings.toArray(), house.settings);
  await Promise.all(tablesOf(store).map((table) => table.clear()));
  await store.blends.bulkAdd(house.blends);
  await store.batches.bulkAdd(house.batches);
  await store.events.bulkAdd(house.events);
  await store.people.bulkAdd(house.people);
  await store.drafts.bulkAdd(house.drafts);
  await store.materials.bulkAdd(house.materials);
  await store.bottles.bulkAdd(house.bottles);
  await store.vessels.bulkAdd(house.vessels);
  await store.settings.bulkAdd(settings);
};

const addMissing = async (store: Database, house: House, here: House): Promise<void> => {
  const batches = missing(house.batches, here.batches);
  const numbered = numberedApart(
    batches,
    here.batches.map(({ number }) => number),
  );
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
  /** Everything, as the text of one file; and what of it could not be read again. */
  write: async (): Promise<{ readonly text: string; readonly unreadable: readonly SetAside[] }> => {
    const house = await store.transaction('r', store.tables, () => readAll(store));
    const file = { format: 'jubbet-house', version: fileVersion, savedAt: now(), house };
    const text = `${JSON.stringify(file)}\n`;
    // It is saved only when it can be read again.
    const read = houseStore(store).read(text);
    if (!read.ok) throw new Error(read.sentence);
    return { text, unreadable: read.setAside };
  },
  /** Reads a file; nothing is changed. */
  read: (text: string): ReadHouse => {
    let json: unknown;
    try {
      json = JSON.parse(text.replace(/^\uFEFF/, ''));
    } catch {
      return no('This is not JSON, or it is cut off.');
    }
    const head = headSchema.safeParse(json).data;
    if (head?.format === 'jubbet-blend') {
      return no('This file holds one blend. Read it in from the blends.');
    }
    if (head?.format !== 'jubbet-house') return no('This is not a file of all data.');
    const { version } = head;
    if (version !== 1 && version !== 2 && version !== fileVersion) {
      return no(
        `This file is of version ${JSON.stringify(version)}; this Jubbet reads versions 1 to ${fileVersion}.`,
      );
    }
    const lifts = [houseWithUnits, withBatchesOfTheirOwn].slice(version - 1);
    const lifted = {
      ...head,
      version: fileVersion,
      house: lifts.reduce((house, lift) => lift(house), head['house']),
    };
    const parsed = fileSchema.safeParse(lifted);
    if (!parsed.success) {
      const { field, message } = firstProblem(parsed.error, lifted);
      return no(`${field} ${message}.`);
    }
    const { savedAt } = parsed.data;
    return { ok: true, savedAt, ...readRecords(parsed.data.house) };
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
  /**
   * Gets data in, in one transaction that leaves a way back. What came of a batch is not taken
   * from the file: it is judged here, by its events, with `batches.mend`.
   */
  bringIn: (given: House, manner: Manner): Promise<void> =>
    store.transaction('rw', store.tables, async () => {
      const house = {
        ...given,
        batches: given.batches.map((batch): BatchRecord => ({ ...batch, made: null })),
      };
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
  /**
   * Takes the example house out and leaves what a visitor has made or changed, and those for
   * whom that is. Leaves a way back.
   */
  clearExample: (): Promise<void> =>
    store.transaction('rw', store.tables, async () => {
      const here = await readAll(store);
      await store.snapshots.put({
        id: 'last',
        at: now(),
        why: 'before the example house was taken out',
        house: here,
      });
      await replaceAll(store, withoutExample(here));
    }),
  /** Takes all there is out, leaving a way back. */
  clear: (): Promise<void> =>
    store.transaction('rw', store.tables, async () => {
      const here = await readAll(store);
      await store.snapshots.put({
        id: 'last',
        at: now(),
        why: 'before all was cleared',
        house: here,
      });
      const settings = [
        ...here.settings.filter(({ key }) => key !== 'seeded'),
        { key: 'seeded', value: true },
      ];
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
