import { z } from 'zod';
import { conflictCopyName } from './conflictCopy';
import { id, times, within } from './fields';
import { recordKind, type RecordOf } from './recordKind';

/** A plan of gifts: several blends by a day. */
export const plans = recordKind({
  table: 'plans',
  word: 'plan',
  schema: async () => {
    const { planSchema } = await import('./coreForms');
    return z.strictObject({ id, plan: planSchema, ...times });
  },
  indexes: 'id, plan.ready, deletedAt',
  since: 16,
  nameOf: (record) => within(record, 'plan', 'name'),
  conflictCopy: (record, other) => ({
    ...record,
    id: other,
    plan: { ...record.plan, name: conflictCopyName(record.plan.name, 120) },
  }),
});

export type PlanRecord = RecordOf<typeof plans>;
