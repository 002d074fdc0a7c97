import {
  bottlesInUse,
  houseMaterials,
  layOver,
  shelve,
  type Bottle,
  type OwnMaterial,
} from '@jubbet/core';
import { bottlesStore } from './bottles';
import { db, type Database } from './database';
import { materialsStore } from './materials';
import { today } from './now';

/** Materials and bottles of the house, as the library and the shelf need them. */
export interface HouseLibrary {
  readonly materials: readonly OwnMaterial[];
  readonly bottles: readonly Bottle[];
  readonly day: string;
}

/** Reads what the house lays over the library. */
export const readLibrary = async (store: Database = db): Promise<HouseLibrary> => ({
  materials: (await materialsStore(store).list()).map(({ own }) => own),
  bottles: (await bottlesStore(store).list()).map(({ bottle }) => bottle),
  day: today(),
});

let laid = '';

/**
 * From here on every sheet reckons with these materials and bottles.
 *
 * @returns false where they are those that it reckons with already
 */
export const layLibrary = (house: HouseLibrary): boolean => {
  const text = JSON.stringify(house);
  if (text === laid) return false;
  laid = text;
  layOver(houseMaterials(house.materials));
  shelve(bottlesInUse(house.bottles, house.day));
  return true;
};
