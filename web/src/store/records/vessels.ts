import { z } from 'zod';
import { id, times, within } from './fields';
import { noLifts, recordKind, type RecordOf } from './recordKind';
import { twinName } from './twin';

/** A container of the house's own. */
export const vessels = recordKind({
  table: 'vessels',
  word: 'vessel',
  schema: async () => {
    const { ownContainerSchema } = await import('./coreForms');
    return z.strictObject({ id, vessel: ownContainerSchema, ...times });
  },
  indexes: 'id',
  since: 6,
  lifts: noLifts,
  nameOf: (record) => within(record, 'vessel', 'name'),
  twin: (record, other) => ({
    ...record,
    id: other,
    vessel: { ...record.vessel, name: twinName(record.vessel.name, 60) },
  }),
});

export type ContainerRecord = RecordOf<typeof vessels>;
