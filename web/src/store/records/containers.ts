import { z } from 'zod';
import { conflictCopyName } from './conflictCopy';
import { id, isObject, times, within } from './fields';
import { migration, recordKind, type RecordOf } from './recordKind';

/** A container of the maker's own. */
export const containers = recordKind({
  table: 'containers',
  word: 'container',
  schema: async () => {
    const { ownContainerSchema } = await import('./coreForms');
    return z.strictObject({ id, container: ownContainerSchema, ...times });
  },
  indexes: 'id',
  was: { table: 'vessels', before: 14 },
  migrations: {
    14: migration((record) => {
      if (!isObject(record)) return record;
      const { vessel: container, ...rest } = record;
      return { ...rest, container };
    }),
  },
  nameOf: (record) => within(record, 'container', 'name'),
  conflictCopy: (record, other) => ({
    ...record,
    id: other,
    container: { ...record.container, name: conflictCopyName(record.container.name, 60) },
  }),
});

export type ContainerRecord = RecordOf<typeof containers>;
