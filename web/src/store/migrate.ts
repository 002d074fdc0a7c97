import { kindOf, tables, type Table } from './records';
import type { Migration, Rows } from './records/recordKind';

const migrationOf = (table: Table, version: number): Migration | undefined =>
  kindOf(table).migrations?.[version];

/** The oldest stored form that is migrated. Older ones were never released. */
export const firstVersion = 13;

/** The versions of the store that changed a kind of record, or brought it. */
const versionsOf = (table: Table): readonly number[] => {
  const { since = firstVersion, was, migrations = {} } = kindOf(table);
  return [since, was?.before ?? firstVersion, ...Object.keys(migrations).map(Number)];
};

/** The version of the store: the latest that any kind of record speaks of. */
export const storeVersion = Math.max(...tables.flatMap(versionsOf));

/** The name that the table of a kind of record had in a version of the store. */
export const tableNameIn = (table: Table, version: number): string => {
  const { was } = kindOf(table);
  return was && version < was.before ? was.table : table;
};

/** Kinds of record whose form or table changes with a version. */
export const migratedBy = (version: number): readonly Table[] =>
  tables.filter(
    (table) => migrationOf(table, version) !== undefined || kindOf(table).was?.before === version,
  );

/** Tables that must be read to migrate a kind of record: its own, and those that it looks at. */
export const readFor = (table: Table, version: number): readonly string[] => [
  tableNameIn(table, version - 1),
  ...(migrationOf(table, version)?.needs ?? []),
];

/** What makes a record of the version before one of this version; undefined where it goes. */
export const migratorOf = (
  table: Table,
  version: number,
  before: Rows,
): ((record: unknown) => unknown) =>
  migrationOf(table, version)?.of(before) ?? ((record) => record);

/** The rows of one kind of record as they are from a version of the store on. */
export const migrateRows = (table: Table, version: number, before: Rows): readonly unknown[] => {
  const to = migratorOf(table, version, before);
  return (before[tableNameIn(table, version - 1)] ?? []).map(to).filter((row) => row !== undefined);
};

/** All records as a version of the store has them, by the names that their tables have there. */
export const migrateAll = (before: Rows, version: number): Rows =>
  Object.fromEntries(
    tables.map((table) => [tableNameIn(table, version), migrateRows(table, version, before)]),
  );

/** The names of the tables that a version of the store has. */
export const tableNamesIn = (version: number): readonly string[] =>
  tables
    .filter((table) => (kindOf(table).since ?? 0) <= version)
    .map((table) => tableNameIn(table, version));
