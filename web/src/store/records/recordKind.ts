import type { z } from 'zod';

/** Rows of all tables, as they were stored. */
export type Rows = Readonly<Record<string, readonly unknown[]>>;

/** How a record of the version before becomes one of this version. */
export interface Migration {
  /** Other tables that it reads, as they were before. */
  readonly needs: readonly string[];
  /** Returns undefined where the record goes. A record that cannot be read is returned as it is. */
  readonly of: (before: Rows) => (record: unknown) => unknown;
}

/** The migrations of one kind of record, by the version of the store that brought each. */
type Migrations = Readonly<Record<number, Migration>>;

/** A migration that looks at the record alone. */
export const migration = (to: (record: unknown) => unknown): Migration => ({
  needs: [],
  of: () => to,
});

/**
 * All there is to know of a kind of record: the database, the house file, import and clearing ask
 * it and nothing else.
 */
export interface RecordKind<Table extends string = string, Schema extends z.ZodType = z.ZodType> {
  readonly table: Table;
  /** What one of them is called on screens: `blend`. */
  readonly word: string;
  /**
   * Its form, as it is stored and as it leaves in the house file. Loaded when files are read or
   * written: what the first screen needs of a record is its table.
   */
  readonly schema: () => Promise<Schema>;
  /** Its primary key and its indexes, as Dexie writes them. */
  readonly indexes: string;
  /** The version of the store that brought it; the first where it is absent. */
  readonly since?: number;
  /** The name of its table before a version, where it had another. */
  readonly was?: { readonly table: string; readonly before: number };
  /** Its migrations; none where absent. One that has been released is never changed. */
  readonly migrations?: Migrations;
  /** The name of a record, where it has one: it may be anything that a file holds. */
  readonly nameOf: (record: Record<string, unknown>) => unknown;
  /** Which of them leave in the house file; all where it is absent. */
  readonly leaves?: (record: Schema['_output']) => boolean;
  /**
   * The same record under another id, to be kept beside the one that was changed here as well;
   * where it is absent, the newer takes the place of the older.
   */
  readonly conflictCopy?: (record: Schema['_output'], id: string) => Schema['_output'];
}

/** A kind of record, with its types as they are written. */
export const recordKind = <Table extends string, Schema extends z.ZodType>(
  kind: RecordKind<Table, Schema>,
): RecordKind<Table, Schema> => kind;

/** What a record of a kind is. */
export type RecordOf<Kind> =
  Kind extends RecordKind<string, infer Schema> ? z.infer<Schema> : never;
