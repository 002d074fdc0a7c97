import { catalogOf, houseMaterials, type Catalog } from '@jubbet/core/catalog';
import { firstFormProblem } from '@jubbet/core/exchange';
import { fieldName, formProblemWords } from '@jubbet/core/words';
import { z } from 'zod';
import type { BatchRecord, DraftRecord, House, MaterialRecord } from './database';
import { madeBlend } from './madeBlend';
import { numberedApart } from './numberedApart';
import { houseWithUnits, withBatchesOfTheirOwn } from './olderForms';
import { houseInTerms } from './olderRecipes';
import { moment, recordSchemas, recordWords, tables, type Table } from './recordSchemas';
import { isSetting } from './settings';

/**
 * Version 1 had no vessels, and bottles in ml only; 2 had batches that carried nothing; blends of 3
 * held drafts.
 */
export const fileVersion = 4;

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

/** The first thing wrong with a value, with the field: `recipe.name is missing`. */
const problemSaid = (error: z.ZodError, json: unknown): string => {
  const problem = firstFormProblem(error, json);
  return `${fieldName(problem.path)} ${formProblemWords(problem)}`;
};

const no = (sentence: string): ReadHouse => ({ ok: false, sentence });

const nameSchema = z.looseObject({
  file: z.looseObject({ name: z.string() }).optional().catch(undefined),
  recipe: z.looseObject({ name: z.string() }).optional().catch(undefined),
  person: z.looseObject({ name: z.string() }).optional().catch(undefined),
  own: z.looseObject({ name: z.string() }).optional().catch(undefined),
  vessel: z.looseObject({ name: z.string() }).optional().catch(undefined),
  bottle: z.looseObject({ lot: z.string() }).optional().catch(undefined),
});

const calledOf = (table: Table, record: unknown, index: number): string => {
  const found = nameSchema.safeParse(record).data;
  const name =
    found?.file?.name ??
    found?.recipe?.name ??
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
      aside.push({ what: calledOf(table, row, index), why: problemSaid(parsed.error, row) });
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

const isReadable =
  (house: Catalog) =>
  (batch: BatchRecord): string | null => {
    try {
      madeBlend(house, batch);
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
  const house = catalogOf(houseMaterials(own.map((record) => record.own)));
  const blends = rows('blends').map((blend) => ({ ...blend, revision: 1 }));
  const people = rows('people');
  const bottles = rows('bottles');
  const vessels = rows('vessels');
  const batches = numberedApart(rows('batches', isReadable(house)), []);
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

/** Reads a file of all data; nothing is changed. */
export const readHouse = (text: string): ReadHouse => {
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
  if (version !== 1 && version !== 2 && version !== 3 && version !== fileVersion) {
    return no(
      `This file is of version ${JSON.stringify(version)}; this Jubbet reads versions 1 to ${fileVersion}.`,
    );
  }
  const lifts = [houseWithUnits, withBatchesOfTheirOwn, houseInTerms].slice(version - 1);
  const lifted = {
    ...head,
    version: fileVersion,
    house: lifts.reduce((older, lift) => lift(older), head['house']),
  };
  const parsed = fileSchema.safeParse(lifted);
  if (!parsed.success) {
    return no(`${problemSaid(parsed.error, lifted)}.`);
  }
  const { savedAt } = parsed.data;
  return { ok: true, savedAt, ...readRecords(parsed.data.house) };
};
