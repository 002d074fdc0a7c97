import {
  catalogOf,
  shippedCatalog,
  withOpenBottles,
  type Catalog,
  type OwnMaterial,
} from '@jubbet/core/catalog';
import { bottlesInUse, leftIn, type ShelvedBottle } from '@jubbet/core/stock';
import { db, type BottleRecord, type Database } from './database';
import { today } from './now';

/** What a house lays over the shipped materials, and the bottles that stand in it. */
export interface HouseMaterials {
  readonly materials: readonly OwnMaterial[];
  /** Taken out of the house: what was made of them can still be read. */
  readonly removed: readonly OwnMaterial[];
  /** Each with its id, so that a batch can say which it was made from. */
  readonly bottles: readonly (ShelvedBottle & { readonly id: string })[];
  readonly day: string;
}

/**
 * The bottles, with what is left in them where that tells which of several is taken first; a ledger
 * of years need not be read for the others.
 */
const bottlesToChoose = async (store: Database): Promise<HouseMaterials['bottles']> => {
  const all = (await store.bottles.toArray()).filter(({ deletedAt }) => deletedAt === null);
  const isOpen = ({ bottle }: BottleRecord): boolean =>
    bottle.openedOn !== null && bottle.finishedOn === null;
  const open = all.filter(isOpen);
  const rivals = open
    .filter((one) =>
      open.some((other) => other !== one && other.bottle.materialId === one.bottle.materialId),
    )
    .map(({ id }) => id);
  const moved =
    rivals.length > 0 ? await store.movements.where('bottleId').anyOf(rivals).toArray() : [];
  return all.map(({ id, bottle }) => ({
    ...bottle,
    id,
    left: leftIn(
      bottle,
      moved.filter(({ bottleId }) => bottleId === id),
    ),
  }));
};

/** Reads what the house lays over the shipped materials. */
export const readMaterials = async (store: Database = db): Promise<HouseMaterials> => {
  const materials = await store.materials.toArray();
  return {
    materials: materials.filter(({ deletedAt }) => deletedAt === null).map(({ own }) => own),
    removed: materials
      .filter(({ deletedAt, own }) => deletedAt !== null && own.kind !== 'figure')
      .map(({ own }) => own),
    bottles: await bottlesToChoose(store),
    day: today(),
  };
};

/** The catalog of a house; what reads materials of one's own is fetched only where there are some. */
export const catalogFrom = async ({
  materials,
  removed,
  bottles,
  day,
}: HouseMaterials): Promise<Catalog> => {
  let catalog = shippedCatalog;
  if (materials.length + removed.length > 0) {
    const { laidOver } = await import('./ownMaterials');
    catalog = catalogOf(laidOver(materials), laidOver(removed));
  }
  return withOpenBottles(catalog, bottlesInUse(catalog, bottles, day));
};

/** The catalog of the house as it stands in the store. */
export const readCatalog = async (store: Database = db): Promise<Catalog> =>
  catalogFrom(await readMaterials(store));
