/** What holds at a place, whatever is put there. */
export interface PlaceFacts {
  /** True where something is in fact rinsed off. */
  readonly isRinsed: boolean;
  /** True where clothes can cover it. */
  readonly isCovered: boolean;
  /** True where no essential oil goes at all. */
  readonly takesNothing: boolean;
  /** True where a baby at the breast touches it. */
  readonly isBreastOrNeck: boolean;
}

const usual: PlaceFacts = {
  isRinsed: false,
  isCovered: false,
  takesNothing: false,
  isBreastOrNeck: false,
};
const rinsed: PlaceFacts = { ...usual, isRinsed: true };
const covered: PlaceFacts = { ...usual, isCovered: true };
const none: PlaceFacts = { ...usual, takesNothing: true };

const places = {
  face: usual,
  beard: usual,
  'body-massage': { ...covered, isBreastOrNeck: true },
  'body-leave-on': covered,
  'pulse-points': { ...usual, isBreastOrNeck: true },
  'perfume-small-area': usual,
  'local-short-term': usual,
  'chest-or-back-rub': { ...covered, isBreastOrNeck: true },
  'hands-or-feet': usual,
  'scalp-or-hair': rinsed,
  underarm: covered,
  lips: usual,
  bath: rinsed,
  'wash-off': rinsed,
  'broken-or-inflamed-skin': usual,
  'eyes-inner-nose-ear-canal-mucosa': none,
  intimate: none,
  nipple: { ...none, isBreastOrNeck: true },
  nappy: none,
} as const satisfies Readonly<Record<string, PlaceFacts>>;

/** A place on the body: its facts are here, its limits in the guidelines, its words follow by type. */
export type PlaceId = keyof typeof places;

/** All places, in the order in which they are offered. */
export const placeIds = Object.keys(places) as readonly PlaceId[];

/** What holds at a place. */
export const placeFacts = (place: PlaceId): PlaceFacts => places[place];
