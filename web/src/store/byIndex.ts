import { Dexie, type Collection, type Table } from 'dexie';

/**
 * The records that have a value in an index, in its order: the one way to walk a whole index.
 *
 * It always asks with a range. Without one, WebKit in a private window also returns the records
 * whose value is null, so that all of `deletedAt` would count as deleted.
 *
 * @param index whose values are texts, numbers or lists of them
 */
export const byIndex = <R, Key, Insert>(
  table: Table<R, Key, Insert>,
  index: string,
): Collection<R, Key, Insert> => table.where(index).aboveOrEqual(Dexie.minKey);
