import type { EntityTable } from 'dexie';

/** One record of a list: its id, and what the list is sorted by; null where it has none. */
export interface Listed {
  readonly id: string;
  readonly key: string | null;
}

/**
 * Ids of all that is in the house, by an index: the records themselves are read where they are
 * shown. One in which what it is sorted by is broken comes last, so that it can be seen.
 *
 * @param index on a text; `deletedAt` must be one too
 */
export const listedBy = async <R extends { id: string }>(
  table: EntityTable<R, 'id'>,
  index: string,
): Promise<Listed[]> => {
  const [ids, keys, all, gone] = await Promise.all([
    table.orderBy(index).primaryKeys(),
    table.orderBy(index).keys(),
    table.toCollection().primaryKeys(),
    table.orderBy('deletedAt').primaryKeys(),
  ]);
  const out = new Set(gone);
  const sorted = ids.flatMap((id, n): Listed[] =>
    out.has(id) ? [] : [{ id, key: keys[n] as string }],
  );
  if (ids.length === all.length) return sorted;
  const known = new Set(ids);
  const broken = all.filter((id) => !known.has(id) && !out.has(id));
  return [...sorted, ...broken.map((id) => ({ id, key: null }))];
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
