import { personSchema } from '@jubbet/core/brief';
import { db, type Database, type PersonRecord } from './database';
import { keptRecords } from './keptRecords';
import { listedBy } from './listed';

/** Who is in the house. Blends for somebody who moves out keep the wearer as they are. */
export const peopleStore = (store: Database = db) => {
  const records = keptRecords<PersonRecord, 'person'>(
    store.people,
    'person',
    (person) => personSchema.parse(person),
    'this person has been deleted',
  );
  return {
    ...records,
    /** Ids of all, by their names. */
    ids: async (): Promise<string[]> =>
      (await listedBy(store.people, 'person.name'))
        .sort((a, b) => (a.key ?? '').localeCompare(b.key ?? ''))
        .map(({ id }) => id),
    list: async (): Promise<PersonRecord[]> =>
      (await records.list()).sort((a, b) => a.person.name.localeCompare(b.person.name)),
  };
};

export const people = peopleStore();
