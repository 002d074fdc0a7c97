import { emptyPlan, planSchema } from '@jubbet/core/planning';
import { unique } from '@jubbet/core/quantity';
import { addDays, formatISO, parseISO } from 'date-fns';
import { blendStore } from './blends';
import { db, type BlendRecord, type Database, type PlanRecord } from './database';
import { listedBy } from './listed';
import { today } from './now';
import { softDeletedRecords } from './softDeletedRecords';

const dayAfter = (day: string, days: number): string =>
  formatISO(addDays(parseISO(day), days), { representation: 'date' });

interface PlanWithBlends {
  readonly record: PlanRecord;
  readonly blends: ReadonlyMap<string, BlendRecord | null>;
}

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
    /** One that cannot be read is shown on its own, and takes no other with it. */
    list: async (): Promise<PlanRecord[]> =>
      (await records.list()).filter(({ plan }) => planSchema.safeParse(plan).success),
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
    /** A plan with its blends, by their ids; null for one that is no longer in the book. */
    withBlends: (id: string): Promise<PlanWithBlends | null> =>
      store.transaction('r', [store.plans, store.blends, store.people], async () => {
        const record = await records.get(id);
        if (!record) return null;
        const ids = unique(record.plan.lines.map(({ blendId }) => blendId));
        // Each for its person as they are today: no plan makes what the sheet forbids.
        const book = blendStore(store);
        const here = await Promise.all(ids.map((blendId) => book.get(blendId)));
        return { record, blends: new Map(ids.map((blendId, n) => [blendId, here[n] ?? null])) };
      }),
  };
};

export const plans = plansStore();
