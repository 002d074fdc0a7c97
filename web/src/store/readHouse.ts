import { catalogCarrying, catalogOf, houseMaterials, type Catalog } from '@jubbet/core/catalog';
import { firstFormProblem } from '@jubbet/core/exchange';
import { fieldName, formProblemWords } from '@jubbet/core/words';
import { z } from 'zod';
import {
  fileVersion,
  headSchema,
  HouseFileError,
  isZip,
  unpackHouse,
  type Head,
  type Progress,
} from './houseZip';
import { liftHouse, liftsOfAll, type AllLifts } from './liftHouse';
import { numberedApart } from './numberedApart';
import type { Rows } from './records/recordKind';
import { formsOfAll, kindOf, tables, type Forms, type House, type Table } from './records';
import type { BatchRecord } from './records/batches';
import type { DraftRecord } from './records/drafts';
import { moment } from './records/fields';
import type { MaterialRecord } from './records/materials';
import { isSetting } from './settingOfFile';

/** A record of a file that cannot be read: it is set aside, and the rest comes in. */
export interface SetAside {
  /** What it is, by its name where it has one: `blend “Row G”`. */
  readonly what: string;
  readonly why: string;
}

/** All that a file holds, in the form in which it is stored. */
export interface HouseFile {
  readonly savedAt: string;
  /** From which house it came; null for files of before that was kept. */
  readonly from: Head['from'] | null;
  readonly house: House;
  readonly setAside: readonly SetAside[];
}

/** What reading a house file comes to. */
export type ReadHouse =
  ({ readonly ok: true } & HouseFile) | { readonly ok: false; readonly sentence: string };

/** The first thing wrong with a value, with the field: `recipe.name is missing`. */
const problemSaid = (error: z.ZodError, json: unknown): string => {
  const problem = firstFormProblem(error, json);
  return `${fieldName(problem.path)} ${formProblemWords(problem)}`;
};

const no = (sentence: string): ReadHouse => ({ ok: false, sentence });

const calledOf = (table: Table, record: unknown, index: number): string => {
  const { word, nameOf } = kindOf(table);
  const named = z.record(z.string(), z.unknown()).safeParse(record);
  const name = named.success ? nameOf(named.data) : undefined;
  return typeof name === 'string' && name !== ''
    ? `${word} “${name.slice(0, 80)}”`
    : `${word} ${index + 1}`;
};

/** Why a record that would be written cannot be read again; null where it can. */
export const problemOf = (form: z.ZodType, record: unknown): string | null => {
  const parsed = form.safeParse(record);
  return parsed.success ? null : problemSaid(parsed.error, record);
};

/** A record that cannot be read, as it is told. */
export const asideOf = (table: Table, record: unknown, index: number, why: string): SetAside => ({
  what: calledOf(table, record, index),
  why,
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

/** Why a batch cannot be read: something is in it that nobody knows any more. */
const unknownIn =
  (house: Catalog) =>
  ({ file, materials }: BatchRecord): string | null => {
    const catalog = materials.length > 0 ? catalogCarrying(house, materials) : house;
    const oil = file.oils.find(({ id }) => !catalog.oil(id));
    const base = file.bases.find(({ id }) => !catalog.base(id));
    const unknown = oil ?? base;
    return unknown ? `“${unknown.id}” in it is not known here` : null;
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

/** Events of batches that are on the bench, each log from 1 without a gap. */
const openLogs = (events: House['benchEvents']): House['benchEvents'] => {
  const last = new Map<string, number>();
  return [...events]
    .sort((a, b) => a.seq - b.seq)
    .map((event) => {
      const seq = (last.get(event.batchId) ?? 0) + 1;
      last.set(event.batchId, seq);
      return { ...event, seq };
    });
};

/** Every record of a file that can be read, in the form in which it is stored. */
const readRecords = (
  forms: Forms,
  raw: Readonly<Record<Table, readonly unknown[]>>,
  progress: Progress,
): { readonly house: House; readonly setAside: readonly SetAside[] } => {
  const aside: SetAside[] = [];
  const all = tables.reduce((total, table) => total + raw[table].length, 0);
  let read = 0;
  /** Each record by itself: what cannot be read is set aside and named. */
  const rows = <T extends Table>(
    table: T,
    check: (record: House[T][number]) => string | null = () => null,
  ): House[T] => {
    const schema = forms[table] as z.ZodType<House[T][number]>;
    const taken: House[T][number][] = [];
    raw[table].forEach((row, index) => {
      const parsed = schema.safeParse(row);
      const why = parsed.success ? check(parsed.data) : problemSaid(parsed.error, row);
      if (why !== null) aside.push(asideOf(table, row, index, why));
      else if (parsed.success) taken.push(parsed.data);
      read += 1;
      if (read % 1000 === 0) progress(read / all);
    });
    return taken as House[T];
  };
  const own = rows('materials', once());
  const house = catalogOf(houseMaterials(own.map((record) => record.own)));
  const blends = rows('blends', once()).map((blend) => ({ ...blend, revision: 1 }));
  const people = rows('people', once());
  const bottles = rows('bottles', once());
  const vessels = rows('vessels', once());
  const twice = once();
  const unknown = unknownIn(house);
  const batches = numberedApart(
    rows('batches', (batch) => twice(batch) ?? unknown(batch)),
    [],
  );
  const materials = [...own, ...carriedBy(batches, own)];
  const drafts = renumbered(rows('drafts', once()));
  const open = new Set(batches.flatMap(({ id, log }) => (log === null ? [id] : [])));
  const there = new Set(batches.map(({ id }) => id));
  const benchEvents = openLogs(
    rows('benchEvents', ({ batchId }) =>
      open.has(batchId)
        ? null
        : there.has(batchId)
          ? 'its batch is finished'
          : 'its batch is not in the file',
    ),
  );
  const setTwice = once();
  const settings = rows('settings', (one) => isSetting(one) ?? setTwice({ id: one.key }));
  return {
    house: {
      ...{ blends, batches, benchEvents, people, drafts, materials, bottles, vessels, settings },
      movements: rows('movements', once()),
      recipients: rows('recipients', once()),
      patchTests: rows('patchTests', once()),
      photos: rows('photos', once()),
    },
    setAside: aside,
  };
};

const olderSchema = z.looseObject({ format: z.unknown(), version: z.unknown() });

/** The head of a file of one JSON text, lifted to the version of today. */
const liftedSchema = z.strictObject({
  format: z.literal('jubbet-house'),
  version: z.number(),
  savedAt: moment,
  house: z.record(z.string(), z.array(z.unknown())),
});

/** The version of the store whose form a file has, by its own version. */
const storeVersionOf = (version: number): number => version + 4;

/** The rows of a file in the form of today. */
const liftedRows = (
  lifts: AllLifts,
  version: number,
  before: Rows,
): Readonly<Record<Table, readonly unknown[]>> => {
  let rows = before;
  for (let to = storeVersionOf(version) + 1; to <= storeVersionOf(fileVersion); to += 1) {
    rows = liftHouse(lifts, rows, to);
  }
  return Object.fromEntries(tables.map((table) => [table, rows[table] ?? []])) as unknown as Record<
    Table,
    readonly unknown[]
  >;
};

/** Reads a house file of versions 1 to 4: one JSON text. */
const readText = (forms: Forms, lifts: AllLifts, text: string, progress: Progress): ReadHouse => {
  let json: unknown;
  try {
    json = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch {
    return no('This is not JSON, or it is cut off.');
  }
  const head = olderSchema.safeParse(json).data;
  if (head?.format === 'jubbet-blend') {
    return no('This file holds one blend. Read it in from the blends.');
  }
  if (head?.format !== 'jubbet-house') return no('This is not a file of all data.');
  const { version } = head;
  if (version !== 1 && version !== 2 && version !== 3 && version !== 4) {
    return no(
      `This file is of version ${JSON.stringify(version)}; this Jubbet reads versions 1 to ${fileVersion}.`,
    );
  }
  const parsed = liftedSchema.safeParse(json);
  if (!parsed.success) return no(`${problemSaid(parsed.error, json)}.`);
  const { savedAt, house } = parsed.data;
  const known = new Set([...tables, 'events']);
  const stranger = Object.keys(house).find((name) => !known.has(name));
  if (stranger !== undefined) return no(`house.${stranger} is not known here.`);
  return {
    ok: true,
    savedAt,
    from: null,
    ...readRecords(forms, liftedRows(lifts, version, house), progress),
  };
};

/** Reads a house file of any version; nothing is changed. */
export const readHouse = async (
  bytes: Uint8Array,
  progress: Progress = () => undefined,
): Promise<ReadHouse> => {
  const forms = await formsOfAll();
  try {
    if (!isZip(bytes)) {
      return readText(forms, await liftsOfAll(), new TextDecoder().decode(bytes), progress);
    }
    // Unpacking is about a third of the work.
    const { head, rows } = unpackHouse(bytes, (share) => progress(0.3 * share));
    const parsed = headSchema.safeParse(head);
    if (!parsed.success) {
      const { version } = olderSchema.safeParse(head).data ?? {};
      return typeof version === 'number' && version > fileVersion
        ? no(`This file is of version ${version}; this Jubbet reads versions 1 to ${fileVersion}.`)
        : no(`house.json: ${problemSaid(parsed.error, head)}.`);
    }
    const { version, savedAt, from } = parsed.data;
    const now = version === fileVersion ? rows : liftedRows(await liftsOfAll(), version, rows);
    return {
      ok: true,
      savedAt,
      from,
      ...readRecords(forms, now, (share) => progress(0.3 + 0.7 * share)),
    };
  } catch (error) {
    if (error instanceof HouseFileError) return no(error.message);
    throw error;
  }
};
