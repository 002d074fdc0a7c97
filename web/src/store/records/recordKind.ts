import type { z } from 'zod';

/** Rows of all tables, as they were stored. */
export type Rows = Readonly<Record<string, readonly unknown[]>>;

/** How a record of the version before becomes one of this. */
export interface Lift {
  /** Tables that are read for it, as they were before. */
  readonly needs: readonly string[];
  /** Comes to undefined where nothing of the record stays; what cannot be read stays as it is. */
  readonly of: (before: Rows) => (record: unknown) => unknown;
}

export type Lifts = Readonly<Record<number, Lift>>;

/** Of a kind that never changed. */
export const noLifts = (): Promise<Lifts> => Promise.resolve({});

/** A lift that looks at the record alone. */
export const lift = (to: (record: unknown) => unknown): Lift => ({ needs: [], of: () => to });

/** A lift that reads other tables beside it. */
export const liftWith = (needs: readonly string[], of: Lift['of']): Lift => ({ needs, of });

/**
 * All there is to know of a kind of record: the database, the house file, reading in and emptying
 * ask it and nothing else.
 */
export interface RecordKind<Table extends string = string, Schema extends z.ZodType = z.ZodType> {
  readonly table: Table;
  /** What one of them is called on screens: `blend`. */
  readonly word: string;
  /**
   * Its form, as it is stored and as it leaves in the house file. Fetched when files are read or
   * written: what the first screen needs of a record is its table.
   */
  readonly schema: () => Promise<Schema>;
  /** Its primary key and its indexes, as Dexie writes them. */
  readonly indexes: string;
  /** The version of the store that brought it. */
  readonly since: number;
  /** The name of its table before a version, where it had another. */
  readonly was?: { readonly table: string; readonly before: number };
  /**
   * How older ones are lifted, by the version of the store that brought the change. Never changed
   * once it is in use; fetched when an older one is met.
   */
  readonly lifts: () => Promise<Lifts>;
  /** The name of one, where it has one: it may be anything that a file holds. */
  readonly nameOf: (record: Record<string, unknown>) => unknown;
  /** Which of them leave in the house file; all, where it is not said. */
  readonly leaves?: (record: Schema['_output']) => boolean;
  /**
   * The same record under another id, to stand beside the one that was changed here and in a file;
   * where it is not said, the newer takes the place of the older.
   */
  readonly twin?: (record: Schema['_output'], id: string) => Schema['_output'];
}

/** A kind of record, with its types as they are written. */
export const recordKind = <Table extends string, Schema extends z.ZodType>(
  kind: RecordKind<Table, Schema>,
): RecordKind<Table, Schema> => kind;

/** What a record of a kind is. */
export type RecordOf<Kind> =
  Kind extends RecordKind<string, infer Schema> ? z.infer<Schema> : never;
