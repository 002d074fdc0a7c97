import {
  catalogOf,
  shippedCatalog,
  withOpenBottles,
  type Catalog,
  type OwnMaterial,
} from '@jubbet/core/catalog';
import { bottlesInUse, type Bottle } from '@jubbet/core/stock';
import { db, type Database } from './database';
import { today } from './now';

/** What a house lays over the shipped materials, and the bottles that stand in it. */
export interface HouseMaterials {
  readonly materials: readonly OwnMaterial[];
  /** Taken out of the house: what was made of them can still be read. */
  readonly removed: readonly OwnMaterial[];
  /** Each with its id, so that a batch can say which it was made from. */
  readonly bottles: readonly (Bottle & { readonly id: string })[];
  readonly day: string;
}

/** Reads what the house lays over the shipped materials. */
export const readMaterials = async (store: Database = db): Promise<HouseMaterials> => {
  const materials = await store.materials.toArray();
  return {
    materials: materials.filter(({ deletedAt }) => deletedAt === null).map(({ own }) => own),
    removed: materials
      .filter(({ deletedAt, own }) => deletedAt !== null && own.kind !== 'figure')
      .map(({ own }) => own),
    bottles: (await store.bottles.toArray())
      .filter(({ deletedAt }) => deletedAt === null)
      .map(({ id, bottle }) => ({ ...bottle, id })),
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
