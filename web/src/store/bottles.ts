import { bottleSchema, leftIn, type Bottle, type ShelvedBottle } from '@jubbet/core/stock';
import { db, type BottleRecord, type Database, type MovementRecord } from './database';
import { softDeletedRecords } from './softDeletedRecords';
import { StoreError } from './storeError';

/** A bottle of the shelf, with what is left in it by its ledger. */
export type ShelvedRecord = Omit<BottleRecord, 'bottle'> & { readonly bottle: ShelvedBottle };

/** What is left is worked out, and never written. */
const plainOf = ({ left: _, ...bottle }: Bottle & { readonly left?: number }): Bottle => bottle;

const byBottle = (moved: readonly MovementRecord[]): ReadonlyMap<string, MovementRecord[]> => {
  const of = new Map<string, MovementRecord[]>();
  for (const entry of moved) {
    const list = of.get(entry.bottleId);
    if (list) list.push(entry);
    else of.set(entry.bottleId, [entry]);
  }
  return of;
};

/** Bottles with what is left in each. */
export const shelvedOf = (
  records: readonly BottleRecord[],
  moved: readonly MovementRecord[],
): readonly ShelvedRecord[] => {
  const of = byBottle(moved);
  return records.map(({ bottle, ...record }) => ({
    ...record,
    bottle: { ...bottle, left: leftIn(bottle, of.get(record.id) ?? []) },
  }));
};

/** Bottles on the shelf. */
export const bottlesStore = (store: Database = db) => {
  const kept = softDeletedRecords<BottleRecord, 'bottle'>(
    store.bottles,
    'bottle',
    (bottle) => bottleSchema.parse(plainOf(bottle)),
    'bottle',
  );
  const tables = [store.bottles, store.movements];
  const onlyFirst = async (id: string, materialId: string): Promise<void> => {
    const alike = await store.bottles.where('bottle.materialId').equals(materialId).toArray();
    for (const record of alike) {
      if (record.id !== id && record.bottle.first)
        await kept.write(record.id, { ...record.bottle, first: false });
    }
  };
  return {
    ...kept,
    /** Adds all of them, or none. */
    addAll: (list: readonly Bottle[]): Promise<string[]> =>
      store.transaction('rw', store.bottles, async () => {
        const ids: string[] = [];
        for (const bottle of list) ids.push(await kept.add(bottle));
        return ids;
      }),
    removeAll: (ids: readonly string[]): Promise<void> =>
      store.transaction('rw', store.bottles, async () => {
        for (const id of ids) await kept.remove(id);
      }),
    list: (): Promise<readonly ShelvedRecord[]> =>
      store.transaction('r', tables, async () =>
        shelvedOf(await kept.list(), await store.movements.toArray()),
      ),
    get: (id: string): Promise<ShelvedRecord | null> =>
      store.transaction('r', tables, async () => {
        const found = await kept.get(id);
        if (!found) return null;
        const moved = await store.movements.where('bottleId').equals(id).toArray();
        return shelvedOf([found], moved)[0] ?? null;
      }),
    write: async (id: string, bottle: Bottle & { readonly left?: number }): Promise<void> => {
      // Loaded when it is written: what only shows the shelf needs none of it.
      const { movedByEnd } = await import('./ledger');
      await store.transaction('rw', tables, async () => {
        const before = await store.bottles.get(id);
        const moved = await store.movements.where('bottleId').equals(id).count();
        if (before && moved > 0 && before.bottle.unit !== bottle.unit) {
          throw new StoreError('unit-in-use', {});
        }
        await kept.write(id, plainOf(bottle));
        if (before) await movedByEnd(store, before, plainOf(bottle));
        if (bottle.first) await onlyFirst(id, bottle.materialId);
      });
    },
    /** This bottle is taken first of its material; no other is. */
    takeFirst: (id: string): Promise<void> =>
      store.transaction('rw', tables, async () => {
        const chosen = await store.bottles.get(id);
        if (!chosen || chosen.deletedAt !== null)
          throw new StoreError('deleted', { record: 'bottle' });
        if (!chosen.bottle.first) await kept.write(id, { ...chosen.bottle, first: true });
        await onlyFirst(id, chosen.bottle.materialId);
      }),
  };
};

export const bottles = bottlesStore();
