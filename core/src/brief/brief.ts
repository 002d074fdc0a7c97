import type { PlaceId } from '../catalog';
import type { WearerOrAnyone } from './wearer';

/** Stays on the skin, or is rinsed off within minutes. */
type Use = 'leave-on' | 'rinse-off';

/** May see sun or a sunbed, or stays covered for the waiting time. */
type Sun = 'exposed' | 'covered';

/** Who will wear a blend, where and how: what every limit starts from. */
export interface Brief {
  readonly wearer: WearerOrAnyone;
  readonly place: PlaceId;
  /** Where else it is put on; the strictest of all places counts. */
  readonly alsoOn?: readonly PlaceId[] | undefined;
  /** Only in the evening, by the maker's word: for the label. It loosens nothing. */
  readonly nightOnly?: boolean | undefined;
  readonly use: Use;
  readonly sun: Sun;
  /** Sold, or given in trade: then the law of goods counts as well. */
  readonly forSale: boolean;
  /** Ids of the questions that were answered of this person: what is not in it was not asked. */
  readonly asked: readonly string[];
  /** How often it is put on in a day; null where no one has said. */
  readonly timesPerDay: number | null;
}

/** All places that it is put on, the first first. */
export const placesOf = ({ place, alsoOn = [] }: Pick<Brief, 'place' | 'alsoOn'>): PlaceId[] => [
  ...new Set([place, ...alsoOn]),
];

/** The same brief for each place by itself. */
export const eachPlace = (brief: Brief): Brief[] =>
  placesOf(brief).map((place) => ({ ...brief, place, alsoOn: undefined }));
