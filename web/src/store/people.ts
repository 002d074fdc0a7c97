import { personSchema, type Person } from '@jubbet/core';
import { db, type Database, type PersonRecord } from './database';
import { now } from './now';

/** Who is in the house. */
export const peopleStore = (store: Database = db) => ({
  list: async (): Promise<PersonRecord[]> =>
    (await store.people.toArray())
      .filter(({ deletedAt }) => deletedAt === null)
      .sort((a, b) => a.person.name.localeCompare(b.person.name)),
  get: async (id: string): Promise<PersonRecord | null> => {
    const found = await store.people.get(id);
    return found && found.deletedAt === null ? found : null;
  },
  add: async (person: Person): Promise<string> => {
    const id = crypto.randomUUID();
    const at = now();
    await store.people.add({
      id,
      person: personSchema.parse(person),
      createdAt: at,
      updatedAt: at,
      deletedAt: null,
    });
    return id;
  },
  write: async (id: string, person: Person): Promise<void> => {
    const parsed = personSchema.parse(person);
    const count = await store.people.update(id, { person: parsed, updatedAt: now() });
    if (count === 0) throw new Error('this person is not in the house any more');
  },
  /** Blends for them keep the wearer as they are; undo brings the person back. */
  remove: async (id: string): Promise<void> => {
    await store.people.update(id, { deletedAt: now() });
  },
  restore: async (id: string): Promise<void> => {
    await store.people.update(id, { deletedAt: null });
  },
});

export const people = peopleStore();
