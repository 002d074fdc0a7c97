import { byName, sameName } from '@jubbet/core/quantity';
import { personSchema, type Person } from '@jubbet/core/brief';
import { db, type Database, type PersonRecord } from './database';
import { softDeletedRecords } from './softDeletedRecords';
import { listedBy } from './listed';
import { StoreError } from './storeError';

/** Someone who is in the house, and can be read. */
const isWhole = ({ deletedAt, person }: PersonRecord): boolean =>
  deletedAt === null && personSchema.safeParse(person).success;

/**
 * Whom a name means: the person who was pressed, or the one in the house whose name it is, in any
 * letters; null for someone from outside.
 */
export const personNamed = async (
  store: Database,
  { personId, name }: { readonly personId: string | null; readonly name: string },
): Promise<string | null> =>
  personId ??
  (
    await store.people
      .filter((record) => isWhole(record) && sameName(record.person.name, name))
      .first()
  )?.id ??
  null;

/** Who is in the house. Blends for someone who moves out keep the wearer as they are. */
export const peopleStore = (store: Database = db) => {
  const records = softDeletedRecords<PersonRecord, 'person'>(
    store.people,
    'person',
    (person) => personSchema.parse(person),
    'person',
  );
  return {
    ...records,
    /**
     * Writes what was changed on a page, and nothing else of it: a reaction that was saved elsewhere
     * in the meantime stays.
     *
     * @param before the person as the page last had them
     */
    writeChanged: (id: string, before: Person, after: Person): Promise<void> =>
      store.transaction('rw', store.people, async () => {
        const found = await store.people.get(id);
        if (!found) throw new StoreError('deleted', { record: 'person' });
        const keys = [
          ...new Set([...Object.keys(before), ...Object.keys(after)]),
        ] as (keyof Person)[];
        const changed = keys.filter(
          (key) => JSON.stringify(before[key]) !== JSON.stringify(after[key]),
        );
        await records.write(id, {
          ...found.person,
          ...Object.fromEntries(changed.map((key) => [key, after[key]])),
        });
      }),
    /** Ids of all, by their names. */
    ids: async (): Promise<string[]> =>
      (await listedBy(store.people, 'person.name'))
        .sort((a, b) => byName(a.key ?? '', b.key ?? ''))
        .map(({ id }) => id),
    /** Someone who cannot be read is shown on their own page, and takes no other with them. */
    list: async (): Promise<PersonRecord[]> =>
      (await records.list()).filter(isWhole).sort((a, b) => byName(a.person.name, b.person.name)),
  };
};

export const people = peopleStore();
