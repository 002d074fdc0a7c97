import type { Brief, Wearer } from '../brief';
import { guidelines, placeFacts, type ChemistryCaution, type PlaceId } from '../catalog';

const nearTheFace: ReadonlySet<PlaceId> = new Set(guidelines.nearTheFace);

/** Below this age hands reach the face all the time, in months. */
const handsReachFaceBelow = 72;

/** True where a blend comes on or near the face; under six years that is the hands as well. */
export const isNearFace = (place: PlaceId, ageMonths: number): boolean =>
  nearTheFace.has(place) || (place === 'hands-or-feet' && ageMonths < handsReachFaceBelow);

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
      return placeFacts(place).isBreastOrNeck;
  }
};

/** Whether skin sees sun while the product is on it: “covered” and “rinsed off” count only where they can be. */
export const sunOn = ({
  place,
  use,
  sun,
}: Pick<Brief, 'place' | 'use' | 'sun'>): 'exposed' | 'covered' | 'rinsed off' => {
  if (use === 'rinse-off' && placeFacts(place).isRinsed) return 'rinsed off';
  return sun === 'covered' && placeFacts(place).isCovered ? 'covered' : 'exposed';
};
