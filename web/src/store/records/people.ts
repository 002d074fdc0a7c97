import { personSchema, type Person } from '@jubbet/core/brief';
import { z } from 'zod';
import { id, times, within } from './fields';
import { lift, recordKind, type RecordOf } from './recordKind';
import { twinName } from './twin';

const person: z.ZodType<Person> = personSchema;

/** Somebody in the house. */
export const people = recordKind({
  table: 'people',
  word: 'person',
  schema: () => Promise.resolve(z.strictObject({ id, person, ...times })),
  indexes: 'id, person.name, deletedAt',
  since: 3,
  lifts: async () => {
    const { personInTerms } = await import('./older');
    return { 8: lift(personInTerms) };
  },
  nameOf: (record) => within(record, 'person', 'name'),
  twin: (record, other) => ({
    ...record,
    id: other,
    person: { ...record.person, name: twinName(record.person.name, 80) },
  }),
});

export type PersonRecord = RecordOf<typeof people>;
