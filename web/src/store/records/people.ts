import { personSchema, type Person } from '@jubbet/core/brief';
import { z } from 'zod';
import { id, times, within } from './fields';
import { recordKind, type RecordOf } from './recordKind';
import { conflictCopyName } from './conflictCopy';

const person: z.ZodType<Person> = personSchema;

/** Someone in the house. */
export const people = recordKind({
  table: 'people',
  word: 'person',
  schema: () => Promise.resolve(z.strictObject({ id, person, ...times })),
  indexes: 'id, person.name, deletedAt',
  nameOf: (record) => within(record, 'person', 'name'),
  conflictCopy: (record, other) => ({
    ...record,
    id: other,
    person: { ...record.person, name: conflictCopyName(record.person.name, 80) },
  }),
});

export type PersonRecord = RecordOf<typeof people>;
