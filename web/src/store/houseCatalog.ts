import {
  catalogOf,
  shippedCatalog,
  withOpenBottles,
  type Catalog,
  type OwnMaterial,
} from '@jubbet/core/catalog';
import { bottlesInUse } from '@jubbet/core/stock';
import { db, type BottleRecord, type Database, type MovementRecord } from './database';
import { today } from './now';

/** What a house lays over the shipped materials, and the bottles that are in it. */
export interface HouseMaterials {
  readonly materials: readonly OwnMaterial[];
  /** Taken out of the house: what was made of them can still be read. */
  readonly removed: readonly OwnMaterial[];
  /** Each with its id, so that a batch can say which it was made from. */
  readonly bottles: readonly BottleRecord[];
  /** What came out of those among which one is to be chosen. */
  readonly moved: readonly MovementRecord[];
  readonly day: string;
}

/** Movements of the bottles of which several of one material are open: they tell which is taken. */
const movedOfRivals = async (
  store: Database,
  bottles: readonly BottleRecord[],
): Promise<readonly MovementRecord[]> => {
  const open = bottles.filter(
    ({ bottle }) => bottle.openedOn !== null && bottle.finishedOn === null,
  );
  const rivals = open
    .filter((entry) =>
      open.some((other) => other !== entry && other.bottle.materialId === entry.bottle.materialId),
    )
    .map(({ id }) => id);
  // A ledger of years need not be read for the others.
  return rivals.length > 0 ? store.movements.where('bottleId').anyOf(rivals).toArray() : [];
};

/** Reads what the house lays over the shipped materials. */
export const readMaterials = async (store: Database = db): Promise<HouseMaterials> => {
  const materials = await store.materials.toArray();
  const bottles = (await store.bottles.toArray()).filter(({ deletedAt }) => deletedAt === null);
  return {
    materials: materials.filter(({ deletedAt }) => deletedAt === null).map(({ own }) => own),
    removed: materials
      .filter(({ deletedAt, own }) => deletedAt !== null && own.kind !== 'figure')
      .map(({ own }) => own),
    bottles,
    moved: await movedOfRivals(store, bottles),
    day: today(),
  };
};

/** The catalog of a house; what reads materials of one's own is loaded only where there are some. */
export const catalogFrom = async ({
  materials,
  removed,
  bottles,
  moved,
  day,
}: HouseMaterials): Promise<Catalog> => {
  let catalog = shippedCatalog;
  if (materials.length + removed.length > 0) {
    const { laidOver } = await import('./ownMaterials');
    catalog = catalogOf(laidOver(materials, day), laidOver(removed, day));
  }
  const shelved =
    moved.length > 0
      ? (await import('./bottles')).shelvedOf(bottles, moved)
      : bottles.map(({ id, bottle }) => ({ id, bottle: { ...bottle, left: bottle.atStart } }));
  const here = shelved.map(({ id, bottle }) => ({ ...bottle, id }));
  return withOpenBottles(catalog, bottlesInUse(catalog, here, day));
};

/** The catalog of the house as it is in the store. */
export const readCatalog = async (store: Database = db): Promise<Catalog> =>
  catalogFrom(await readMaterials(store));
