import { bottlesInUse, layOver, shelve, type Bottle, type OwnMaterial } from '@jubbet/core';
import { db, type Database } from './database';
import { today } from './now';

/** Materials and bottles of the house, as the library and the shelf need them. */
export interface HouseLibrary {
  readonly materials: readonly OwnMaterial[];
  /** Taken out of the house: what was made of them can still be read. */
  readonly gone: readonly OwnMaterial[];
  readonly bottles: readonly Bottle[];
  readonly day: string;
}

/** Reads what the house lays over the library. */
export const readLibrary = async (store: Database = db): Promise<HouseLibrary> => {
  const materials = await store.materials.toArray();
  return {
    materials: materials.filter(({ deletedAt }) => deletedAt === null).map(({ own }) => own),
    gone: materials
      .filter(({ deletedAt, own }) => deletedAt !== null && own.kind !== 'figure')
      .map(({ own }) => own),
    bottles: (await store.bottles.toArray())
      .filter(({ deletedAt }) => deletedAt === null)
      .map(({ bottle }) => bottle),
    day: today(),
  };
};

let laid = '';

/**
 * From here on every sheet reckons with these materials and bottles.
 *
 * @returns false where they are those that it reckons with already
 */
export const layLibrary = async (house: HouseLibrary): Promise<boolean> => {
  const text = JSON.stringify(house);
  if (text === laid) return false;
  if (house.materials.length + house.gone.length > 0) {
    (await import('./layMaterials')).layMaterials(house.materials, house.gone);
  } else layOver({ oils: [], bases: [] });
  shelve(bottlesInUse(house.bottles, house.day));
  laid = text;
  return true;
};
