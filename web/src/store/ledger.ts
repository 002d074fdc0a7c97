import type { Taken } from '@jubbet/core/batch';
import {
  balanceOf,
  bottleSchema,
  inForce,
  leftIn,
  movementSchema,
  type Bottle,
  type Movement,
} from '@jubbet/core/stock';
import { db, type BottleRecord, type Database, type MovementRecord } from './database';
import { now, today } from './now';
import { StoreError } from './storeError';
import { newId } from './newId';

export const movementOf = (bottleId: string, movement: Movement): MovementRecord => {
  const at = now();
  return {
    id: newId(),
    bottleId,
    at,
    updatedAt: at,
    movement: movementSchema.parse(movement),
  };
};

/** No finer than this is anything measured, in ml or g. */
const fineness = 1e-4;
const rounded = (amount: number): number => Math.round(amount / fineness) * fineness;

type UsedRecord = MovementRecord & { readonly movement: { readonly kind: 'used' } };

/** What of a batch is in the ledgers, and is not undone. */
const usedInForce = async (store: Database, batchId: string): Promise<readonly UsedRecord[]> => {
  const used = await store.movements.where('movement.batchId').equals(batchId).toArray();
  const bottles = [...new Set(used.map(({ bottleId }) => bottleId))];
  const all = await store.movements.where('bottleId').anyOf(bottles).toArray();
  return inForce(all).filter(
    (entry): entry is UsedRecord =>
      entry.movement.kind === 'used' && entry.movement.batchId === batchId,
  );
};

/** Undoes all that a batch took. Within a transaction that has the movements. */
export const giveBack = async (store: Database, batchId: string): Promise<void> => {
  const before = await usedInForce(store, batchId);
  await store.movements.bulkAdd(
    before.map(({ id, bottleId }) => movementOf(bottleId, { kind: 'undone', undoes: id })),
  );
};

/**
 * Writes down what a batch took of each bottle of this shelf; what is there already stays.
 * Within a transaction that has the movements and the bottles.
 */
export const takeOff = async (
  store: Database,
  { id: batchId, number }: { readonly id: string; readonly number: string },
  taken: readonly Taken[],
): Promise<void> => {
  const bottles = new Map(
    (await store.bottles.bulkGet(taken.flatMap(({ bottleId }) => bottleId ?? []))).flatMap(
      (record) => (record ? [[record.id, record.bottle] as const] : []),
    ),
  );
  const amounts = new Map<string, number>();
  for (const { bottleId, ml, g } of taken) {
    const bottle = bottleId === null ? undefined : bottles.get(bottleId);
    if (bottleId === null || !bottle) continue;
    const amount = bottle.unit === 'ml' ? ml : g;
    amounts.set(bottleId, (amounts.get(bottleId) ?? 0) + amount);
  }
  const wanted = [...amounts]
    .map(([bottleId, amount]) => [bottleId, rounded(amount)] as const)
    .filter(([, amount]) => amount > 0);
  const before = await usedInForce(store, batchId);
  const isSame = (bottleId: string, amount: number): boolean =>
    before.filter((used) => used.bottleId === bottleId).length === 1 &&
    before.some(
      (used) =>
        used.bottleId === bottleId && Math.abs(used.movement.amount - amount) < fineness / 2,
    );
  // Only the lines that changed are moved.
  const kept = new Set(
    wanted.filter(([id, amount]) => isSame(id, amount)).map(([bottleId]) => bottleId),
  );
  await store.movements.bulkAdd([
    ...before
      .filter(({ bottleId }) => !kept.has(bottleId))
      .map(({ id, bottleId }) => movementOf(bottleId, { kind: 'undone', undoes: id })),
    ...wanted
      .filter(([bottleId]) => !kept.has(bottleId))
      .map(([bottleId, amount]) =>
        movementOf(bottleId, { kind: 'used', batchId, batchNumber: number, amount }),
      ),
  ]);
};

/**
 * What is still in a bottle when it is finished leaves the shelf; a bottle taken up again has it.
 * Within a transaction that has the movements.
 */
export const movedByEnd = async (
  store: Database,
  { id, bottle: before }: BottleRecord,
  after: Bottle,
): Promise<void> => {
  if ((before.finishedOn === null) === (after.finishedOn === null)) return;
  const moved = await store.movements.where('bottleId').equals(id).toArray();
  if (after.finishedOn !== null) {
    const amount = balanceOf(after, moved);
    if (amount > 0) await store.movements.add(movementOf(id, { kind: 'finished', amount }));
    return;
  }
  await store.movements.bulkAdd(
    inForce(moved)
      .filter(({ movement }) => movement.kind === 'finished')
      .map((entry) => movementOf(id, { kind: 'undone', undoes: entry.id })),
  );
};

/** The ledger of the bottles. */
export const ledgerStore = (store: Database = db) => {
  const tables = [store.bottles, store.movements];
  const of = async (bottleId: string): Promise<MovementRecord[]> =>
    (await store.movements.where('bottleId').equals(bottleId).toArray()).sort(
      (a, b) => a.at.localeCompare(b.at) || a.id.localeCompare(b.id),
    );
  const bottleOf = async (bottleId: string) => {
    const found = await store.bottles.get(bottleId);
    if (!found || found.deletedAt !== null) throw new StoreError('deleted', { record: 'bottle' });
    return found;
  };
  const leftNow = async (bottleId: string): Promise<number> =>
    leftIn((await bottleOf(bottleId)).bottle, await of(bottleId));
  return {
    /** All movements of all bottles. */
    all: (): Promise<MovementRecord[]> => store.movements.toArray(),
    /** All movements of a bottle, the first ahead. */
    of,
    /**
     * Something was taken out: spilled, given away or thrown away.
     *
     * @throws where that is more than is in it
     */
    takeOut: (
      bottleId: string,
      movement: Extract<Movement, { kind: 'spilled' | 'given-away' | 'thrown-away' }>,
    ): Promise<void> =>
      store.transaction('rw', tables, async () => {
        if (movement.amount > (await leftNow(bottleId)) + fineness) {
          throw new StoreError('more-than-left', {});
        }
        await store.movements.add(movementOf(bottleId, movement));
      }),
    /** What is really in it, and why that differs. */
    countAnew: (bottleId: string, found: number, why: string): Promise<void> =>
      store.transaction('rw', tables, async () => {
        const { bottle } = await bottleOf(bottleId);
        if (found > bottle.size) throw new StoreError('more-than-full', {});
        // By what the ledger really comes to, nothing or less: what was found is what is in it.
        const reckoned = balanceOf(bottle, await of(bottleId));
        await store.movements.add(
          movementOf(bottleId, { kind: 'counted', found, reckoned, why: why.trim() }),
        );
      }),
    /**
     * Some of it is poured over into another bottle, of the same lot and dates.
     *
     * @param size what the other bottle is sold as
     * @returns the id of the other bottle
     * @throws where that is more than is in it, or than the other holds
     */
    decant: (bottleId: string, decanted: number, size: number): Promise<string> =>
      store.transaction('rw', tables, async () => {
        const { bottle } = await bottleOf(bottleId);
        if (decanted > (await leftNow(bottleId)) + fineness) {
          throw new StoreError('more-than-left', {});
        }
        if (decanted > size) throw new StoreError('more-than-full', {});
        const into = newId();
        const at = now();
        await store.bottles.add({
          id: into,
          bottle: bottleSchema.parse({
            ...bottle,
            size,
            atStart: decanted,
            // Its share of what was paid; what is left of the other keeps the rest by its amount.
            price: bottle.price === null ? null : (bottle.price * size) / bottle.size,
            weighings: [],
            first: false,
            openedOn: bottle.openedOn ?? today(),
          }),
          createdAt: at,
          updatedAt: at,
          deletedAt: null,
        });
        await store.movements.add(
          movementOf(bottleId, { kind: 'decanted', amount: decanted, into }),
        );
        return into;
      }),
    /** Undoes a movement by another; one that is undone already stays so. */
    undo: (movementId: string): Promise<void> =>
      store.transaction('rw', tables, async () => {
        const found = await store.movements.get(movementId);
        if (!found) throw new StoreError('no-such-movement', {});
        const isInForce = inForce(await of(found.bottleId)).some(({ id }) => id === movementId);
        if (!isInForce) return;
        if (found.movement.kind === 'decanted') {
          const { into } = found.movement;
          if (inForce(await of(into)).length > 0) throw new StoreError('decanted-in-use', {});
          await store.bottles.update(into, { deletedAt: now(), updatedAt: now() });
        }
        await store.movements.add(
          movementOf(found.bottleId, { kind: 'undone', undoes: movementId }),
        );
      }),
  };
};

export const ledger = ledgerStore();
