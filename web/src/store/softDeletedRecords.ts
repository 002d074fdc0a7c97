import type { EntityTable, InsertType } from 'dexie';
import type { DeletedRecord } from '@jubbet/core/words';
import { now } from './now';
import { StoreError } from './storeError';
import type { StoredRecord } from './records/fields';
import { newId } from './newId';

/**
 * Adds, rewrites, takes away and brings back records that hold one thing each.
 *
 * @param key under which the thing is in its record
 * @param parse throws where the thing is not what it should be
 * @param what what a record is, for the error where it has been deleted
 */
export const softDeletedRecords = <R extends StoredRecord, Key extends keyof R & string>(
  table: EntityTable<R, 'id'>,
  key: Key,
  parse: (value: R[Key]) => R[Key],
  what: DeletedRecord,
) => ({
  list: async (): Promise<R[]> =>
    (await table.toArray()).filter(({ deletedAt }) => deletedAt === null),
  get: async (id: string): Promise<R | null> => {
    const found = await table.where('id').equals(id).first();
    return found && found.deletedAt === null ? found : null;
  },
  add: async (value: R[Key]): Promise<string> => {
    const id = newId();
    const at = now();
    const record: StoredRecord = { id, createdAt: at, updatedAt: at, deletedAt: null };
    await table.add({ ...record, [key]: parse(value) } as unknown as InsertType<R, 'id'>);
    return id;
  },
  write: async (id: string, value: R[Key]): Promise<void> => {
    const parsed = parse(value);
    const count = await table
      .where('id')
      .equals(id)
      .modify((record) => {
        record[key] = parsed;
        record.updatedAt = now();
      });
    if (count === 0) throw new StoreError('deleted', { record: what });
  },
  remove: async (id: string): Promise<void> => {
    await table
      .where('id')
      .equals(id)
      .modify((record) => {
        record.deletedAt = now();
        record.updatedAt = record.deletedAt;
      });
  },
  restore: async (id: string): Promise<void> => {
    await table
      .where('id')
      .equals(id)
      .modify((record) => {
        record.deletedAt = null;
        record.updatedAt = now();
      });
  },
});
