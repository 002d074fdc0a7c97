import { emptyPlan, planSchema, type Plan } from '@jubbet/core/planning';
import { addDays, formatISO, parseISO } from 'date-fns';
import { db, type BlendRecord, type Database, type PlanRecord } from './database';
import { listedBy } from './listed';
import { today } from './now';
import { softDeletedRecords } from './softDeletedRecords';

const dayAfter = (day: string, days: number): string =>
  formatISO(addDays(parseISO(day), days), { representation: 'date' });

/** Plans of gifts. */
export const plansStore = (store: Database = db) => {
  const records = softDeletedRecords<PlanRecord, 'plan'>(
    store.plans,
    'plan',
    (plan) => planSchema.parse(plan),
    'plan',
  );
  return {
    ...records,
    /** Ids of all, what is to be ready last first. */
    ids: async (): Promise<string[]> =>
      (await listedBy(store.plans, 'plan.ready'))
        .sort((a, b) => (b.key ?? '').localeCompare(a.key ?? ''))
        .map(({ id }) => id),
    /** A new plan, from tomorrow on and ready in ten days. */
    begin: (): Promise<string> => {
      const from = dayAfter(today(), 1);
      return records.add(emptyPlan(from, dayAfter(from, 9)));
    },
    /** The blends of a plan that are in the book, by their ids. */
    blendsOf: async ({ lines }: Pick<Plan, 'lines'>): Promise<ReadonlyMap<string, BlendRecord>> => {
      const found = await store.blends.bulkGet([...new Set(lines.map(({ blendId }) => blendId))]);
      return new Map(
        found.flatMap((record) =>
          record && record.deletedAt === null ? [[record.id, record]] : [],
        ),
      );
    },
  };
};

export const plans = plansStore();
