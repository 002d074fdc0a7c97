import { catalogCarrying, catalogOf, houseMaterials, type Catalog } from '@jubbet/core/catalog';
import { firstFormProblem } from '@jubbet/core/exchange';
import type { HouseFileProblem, RecordProblem } from '@jubbet/core/words';
import { z } from 'zod';
import {
  fileNameOf,
  fileVersion,
  headName,
  headSchema,
  isZip,
  oldestFileVersion,
  storeVersionOf,
  unpackHouse,
  type Head,
  type Progress,
} from './houseZip';
import { HouseFileError } from './houseFileError';
import { migrateAll, tableNamesIn } from './migrate';
import { withDistinctNumbers } from './distinctNumbers';
import type { Rows } from './records/recordKind';
import { formsOfAll, kindOf, tables, type Forms, type House, type Table } from './records';
import type { BatchRecord } from './records/batches';
import type { DraftRecord } from './records/drafts';
import type { MaterialRecord } from './records/materials';
import { settingProblem } from './settingOfFile';

/** A record of a file that cannot be read: it is left out, and the rest is imported. */
export interface LeftOut {
  /** What a record of its kind is called: `blend`. */
  readonly word: string;
  /** Its name, where it has one. */
  readonly name: string | null;
  /** Its place among the records of its kind, from 1. */
  readonly place: number;
  readonly problem: RecordProblem;
}

/** All that a file holds, in the form in which it is stored. */
export interface HouseFile {
  readonly savedAt: string;
  /** The house that it was saved from. */
  readonly from: Head['from'];
  readonly house: House;
  readonly leftOut: readonly LeftOut[];
  /** Kinds of record that are damaged in the file and left out, as they are called: `blend`. */
  readonly damaged: readonly string[];
}

/** What reading a house file comes to. */
export type ReadHouse =
  ({ readonly ok: true } & HouseFile) | { readonly ok: false; readonly problem: HouseFileProblem };

const refused = (problem: HouseFileProblem): ReadHouse => ({ ok: false, problem });

const nameOf = (table: Table, record: unknown): string | null => {
  const fields = z.record(z.string(), z.unknown()).safeParse(record);
  const name = fields.success ? kindOf(table).nameOf(fields.data) : undefined;
  return typeof name === 'string' && name !== '' ? name.slice(0, 80) : null;
};

/** Why a record that would be written cannot be read again; null where it can. */
export const formProblemOf = (form: z.ZodType, record: unknown): RecordProblem | null => {
  const parsed = form.safeParse(record);
  return parsed.success ? null : { code: 'form', form: firstFormProblem(parsed.error, record) };
};

/** A record that cannot be read, for whoever is reported of it. */
export const leftOutOf = (
  table: Table,
  record: unknown,
  index: number,
  problem: RecordProblem,
): LeftOut => ({
  word: kindOf(table).word,
  name: nameOf(table, record),
  place: index + 1,
  problem,
});

/** A check that refuses the second of two records with the same id. */
const once = () => {
  const seen = new Set<string>();
  return ({ id }: { readonly id: string }): RecordProblem | null => {
    if (seen.has(id)) return { code: 'twice' };
    seen.add(id);
    return null;
  };
};

/** A check that refuses a batch in which something is that no one knows any more. */
const materialsKnown =
  (house: Catalog) =>
  ({ file, materials }: BatchRecord): RecordProblem | null => {
    const catalog = materials.length > 0 ? catalogCarrying(house, materials) : house;
    const unknown =
      file.oils.find(({ id }) => !catalog.oil(id)) ??
      file.bases.find(({ id }) => !catalog.base(id));
    return unknown ? { code: 'unknown-material', id: unknown.id } : null;
  };

/**
 * Materials that only batches carry: they are imported as deleted, so that those batches can still
 * name them.
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

/** Counters begin again, so that none of a file is in the way of the next. */
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
  raw: Rows,
  progress: Progress,
): { readonly house: House; readonly leftOut: readonly LeftOut[] } => {
  const leftOut: LeftOut[] = [];
  const all = tables.reduce((total, table) => total + (raw[table]?.length ?? 0), 0);
  let read = 0;
  /** Each record by itself: what cannot be read is left out and named. */
  const rows = <T extends Table>(
    table: T,
    check: (record: House[T][number]) => RecordProblem | null = () => null,
  ): House[T] => {
    const schema = forms[table] as z.ZodType<House[T][number]>;
    const good: House[T][number][] = [];
    raw[table]?.forEach((row, index) => {
      const parsed = schema.safeParse(row);
      const problem = parsed.success ? check(parsed.data) : formProblemOf(schema, row);
      if (problem !== null) leftOut.push(leftOutOf(table, row, index, problem));
      else if (parsed.success) good.push(parsed.data);
      read += 1;
      if (read % 1000 === 0) progress(read / all);
    });
    return good as House[T];
  };
  const own = rows('materials', once());
  const house = catalogOf(houseMaterials(own.map((record) => record.own)));
  const blends = rows('blends', once()).map((blend) => ({ ...blend, revision: 1 }));
  const people = rows('people', once());
  const bottles = rows('bottles', once());
  const containers = rows('containers', once());
  const isFirst = once();
  const hasKnown = materialsKnown(house);
  const batches = withDistinctNumbers(
    rows('batches', (batch) => isFirst(batch) ?? hasKnown(batch)),
    [],
  );
  const materials = [...own, ...carriedBy(batches, own)];
  const drafts = renumbered(rows('drafts', once()));
  const onBench = new Set(batches.flatMap(({ id, log }) => (log === null ? [id] : [])));
  const batchIds = new Set(batches.map(({ id }) => id));
  const benchEvents = openLogs(
    rows('benchEvents', ({ batchId }) => {
      if (onBench.has(batchId)) return null;
      return { code: batchIds.has(batchId) ? 'batch-finished' : 'batch-missing' };
    }),
  );
  const isFirstSetting = once();
  const settings = rows(
    'settings',
    (setting) => settingProblem(setting) ?? isFirstSetting({ id: setting.key }),
  );
  return {
    house: {
      ...{ blends, batches, benchEvents, people, drafts, materials, bottles, containers, settings },
      movements: rows('movements', once()),
      recipients: rows('recipients', once()),
      patchTests: rows('patchTests', once()),
      photos: rows('photos', once()),
      plans: rows('plans', once()),
    },
    leftOut,
  };
};

/** What a file says of itself, whatever its version. */
const anyHeadSchema = z.looseObject({ format: z.unknown(), version: z.unknown() });

/** What a file that is no zip looks like. */
const lookOf = (bytes: Uint8Array): 'blend' | 'picture' | null => {
  const isPng = bytes[0] === 0x89 && bytes[1] === 0x50;
  const isJpeg = bytes[0] === 0xff && bytes[1] === 0xd8;
  if (isPng || isJpeg) return 'picture';
  try {
    const json: unknown = JSON.parse(new TextDecoder().decode(bytes));
    return anyHeadSchema.safeParse(json).data?.format === 'jubbet-blend' ? 'blend' : null;
  } catch {
    return null;
  }
};

/** The names of tables in any version of the house file that is read. */
const anyTableName: ReadonlySet<string> = new Set(
  [oldestFileVersion, fileVersion].flatMap((version) => tableNamesIn(storeVersionOf(version))),
);

/** Rows as the store of today has them, from those of an older file. */
const migrated = (version: number, rows: Rows): Rows => {
  let current = rows;
  for (let to = storeVersionOf(version) + 1; to <= storeVersionOf(fileVersion); to += 1) {
    current = migrateAll(current, to);
  }
  return current;
};

/** What a record is called of which the table has this name in some version: `blend`. */
const wordOf = (name: string): string =>
  kindOf(tables.find((table) => table === name || kindOf(table).was?.table === name) ?? 'settings')
    .word;

/** Reads a house file of any version; nothing is changed. */
export const readHouse = async (
  bytes: Uint8Array,
  progress: Progress = () => undefined,
): Promise<ReadHouse> => {
  if (!isZip(bytes)) return refused({ code: 'not-a-backup', found: lookOf(bytes) });
  const forms = await formsOfAll();
  try {
    // Unpacking is about a third of the work.
    const {
      head,
      rows: whole,
      damaged,
    } = unpackHouse(bytes, anyTableName, (share) => progress(0.3 * share));
    const parsed = headSchema.safeParse(head);
    if (!parsed.success) {
      const { version } = anyHeadSchema.safeParse(head).data ?? {};
      const isKnown = version === undefined || headSchema.shape.version.safeParse(version).success;
      return isKnown
        ? refused({ code: 'form', file: headName, form: firstFormProblem(parsed.error, head) })
        : refused({
            code: 'other-version',
            version,
            oldest: oldestFileVersion,
            newest: fileVersion,
          });
    }
    const { version, savedAt, from } = parsed.data;
    // Of a damaged kind nothing can be trusted; the others are as they were written.
    const rows = { ...whole, ...Object.fromEntries(damaged.map((name) => [name, []])) };
    const missing = tableNamesIn(storeVersionOf(version)).find((name) => rows[name] === undefined);
    if (missing !== undefined) return refused({ code: 'file-missing', file: fileNameOf(missing) });
    return {
      ok: true,
      savedAt,
      from,
      damaged: damaged.map((name) => wordOf(name)),
      ...readRecords(forms, migrated(version, rows), (share) => progress(0.3 + 0.7 * share)),
    };
  } catch (error) {
    if (error instanceof HouseFileError) return refused(error.problem);
    throw error;
  }
};
