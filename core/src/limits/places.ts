import type { Brief, Wearer } from '../brief';
import { guidelines, type ChemistryCaution, type PlaceId } from '../catalog';

const nearTheFace: ReadonlySet<PlaceId> = new Set(guidelines.nearTheFace);

/** Below this age hands reach the face all the time, in months. */
const handsReachFaceBelow = 72;

/** True where a blend comes on or near the face; under six years that is the hands as well. */
export const isNearFace = (place: PlaceId, ageMonths: number): boolean =>
  nearTheFace.has(place) || (place === 'hands-or-feet' && ageMonths < handsReachFaceBelow);

const breastChestNeck: ReadonlySet<PlaceId> = new Set([
  'chest-or-back-rub',
  'pulse-points',
  'body-massage',
  'nipple',
] as const);

/** True where a caution holds at this place. */
export const holdsAt = (
  where: ChemistryCaution['where'],
  place: PlaceId,
  { ageMonths }: Pick<Wearer, 'ageMonths'>,
): boolean => {
  switch (where) {
    case 'anywhere':
      return true;
    case 'on or near the face':
      return isNearFace(place, ageMonths);
    case 'breast, chest or neck':
      return breastChestNeck.has(place);
  }
};

/** Places to which no essential oil goes. */
export const placesForNothing: ReadonlySet<PlaceId> = new Set([
  'eyes-inner-nose-ear-canal-mucosa',
  'intimate',
  'nipple',
  'nappy',
] as const);

/** Places from which something is in fact rinsed off. */
const rinsedPlaces: ReadonlySet<PlaceId> = new Set(['bath', 'wash-off', 'scalp-or-hair'] as const);

/** Places that clothes cover. */
const coveredPlaces: ReadonlySet<PlaceId> = new Set([
  'body-massage',
  'body-leave-on',
  'chest-or-back-rub',
  'underarm',
] as const);

/** True where this place can be rinsed off. */
export const canBeRinsed = (place: PlaceId): boolean => rinsedPlaces.has(place);

/** True where clothes can cover this place. */
export const canBeCovered = (place: PlaceId): boolean => coveredPlaces.has(place);

/** Whether skin sees sun while the product is on it: “covered” and “rinsed off” count only where they can be. */
export const sunOn = ({
  place,
  use,
  sun,
}: Pick<Brief, 'place' | 'use' | 'sun'>): 'exposed' | 'covered' | 'rinsed off' => {
  if (use === 'rinse-off' && canBeRinsed(place)) return 'rinsed off';
  return sun === 'covered' && canBeCovered(place) ? 'covered' : 'exposed';
};
