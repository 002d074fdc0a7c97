import type { EntityTable } from 'dexie';
import { byIndex } from './byIndex';

/** One record of a list: its id, and what the list is sorted by; null where it has none. */
interface Listed {
  readonly id: string;
  readonly key: string | null;
}

/**
 * Ids of all that is in the house, by an index: the records themselves are read where they are
 * shown. One in which what it is sorted by is broken comes last, so that it can be seen.
 *
 * @param index on a text; `deletedAt` must be one too
 */
export const idsBy = async <R extends { id: string }>(
  table: EntityTable<R, 'id'>,
  index: string,
): Promise<string[]> => {
  const [ids, count, gone] = await Promise.all([
    byIndex(table, index).primaryKeys(),
    table.count(),
    byIndex(table, 'deletedAt').primaryKeys(),
  ]);
  const deleted = new Set(gone);
  const known = new Set(ids);
  // Only where some are in no index must all be read through.
  const broken =
    ids.length === count
      ? []
      : (await table.toCollection().primaryKeys()).filter((id) => !known.has(id));
  return [...ids, ...broken].filter((id) => !deleted.has(id));
};

/** The same with what it is sorted by. */
export const listedBy = async <R extends { id: string }>(
  table: EntityTable<R, 'id'>,
  index: string,
): Promise<Listed[]> => {
  const [ids, known, keys] = await Promise.all([
    idsBy(table, index),
    byIndex(table, index).primaryKeys(),
    byIndex(table, index).keys(),
  ]);
  const keyOf = new Map(known.map((id, n) => [id as string, keys[n] as string]));
  return ids.map((id) => ({ id, key: keyOf.get(id) ?? null }));
};

/** What some indexes say of every record that is in the house: enough to find it by. */
export const textsOf = async <R extends { id: string }, Index extends string>(
  table: EntityTable<R, 'id'>,
  indexes: readonly Index[],
): Promise<({ readonly id: string } & Partial<Record<Index, string>>)[]> => {
  const found = new Map<string, { id: string } & Partial<Record<Index, string>>>();
  for (const index of indexes) {
    for (const { id, key } of await listedBy(table, index)) {
      const before = found.get(id) ?? ({ id } as { id: string } & Partial<Record<Index, string>>);
      found.set(id, key === null ? before : { ...before, [index]: key });
    }
  }
  return [...found.values()];
};
