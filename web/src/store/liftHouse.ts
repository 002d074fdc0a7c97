import { kindOf, tables, type Table } from './records';
import type { Lifts, Rows } from './records/recordKind';

/** How records of all kinds are lifted. */
export type AllLifts = Readonly<Record<Table, Lifts>>;

export const liftsOfAll = async (): Promise<AllLifts> =>
  Object.fromEntries(
    await Promise.all(
      tables.map(async (table): Promise<[Table, Lifts]> => [table, await kindOf(table).lifts()]),
    ),
  ) as AllLifts;

/** The name that the table of a kind of record had in a version of the store. */
const nameIn = (table: Table, version: number): string => {
  const { was } = kindOf(table);
  return was && version < was.before ? was.table : table;
};

/** Kinds of record of which the form changed with a version. */
export const liftedBy = (lifts: AllLifts, version: number): readonly Table[] =>
  tables.filter((table) => lifts[table][version] !== undefined);

/** The rows of one kind of record as they are from a version of the store on. */
export const liftRows = (
  lifts: AllLifts,
  table: Table,
  version: number,
  before: Rows,
): readonly unknown[] => {
  const lift = lifts[table][version];
  const rows = before[nameIn(table, version - 1)] ?? [];
  if (!lift) return rows;
  const to = lift.of(before);
  return rows.flatMap((row) => {
    const lifted = to(row);
    return lifted === undefined ? [] : [lifted];
  });
};

/** Tables that must be read to lift a kind of record to a version: its own, and what it looks at. */
export const readFor = (lifts: AllLifts, table: Table, version: number): readonly string[] => [
  nameIn(table, version - 1),
  ...(lifts[table][version]?.needs ?? []),
];

/** All data as a version of the store has them. */
export const liftHouse = (lifts: AllLifts, before: Rows, version: number): Rows =>
  Object.fromEntries(
    tables.map((table) => [nameIn(table, version), liftRows(lifts, table, version, before)]),
  );
