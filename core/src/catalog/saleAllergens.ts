import type { Day } from '../quantity';
import allergensJson from './data/allergens.json';
import type { Region } from './packNames';

/** A fragrance allergen that is named on packs. */
export interface SaleAllergen {
  /** As it is printed. */
  readonly label: string;
  /** The year of the list that brought it. */
  readonly since: number;
  /** Constituents that are counted together under it. */
  readonly members: readonly string[];
  /** Constituents that a careful reader counts too. */
  readonly doubtfulMembers: readonly string[];
  /** Oils that are listed as such. */
  readonly oils: readonly string[];
  /** Oils near to a listed one: the supplier knows. */
  readonly doubtfulOils: readonly string[];
  readonly confidence: string;
  readonly note?: string;
}

const list: readonly SaleAllergen[] = allergensJson.allergens;

/** Above this, in percent by weight of the finished product, an allergen is named. */
export const namedAbove = {
  leaveOn: allergensJson.leaveOn,
  rinseOff: allergensJson.rinseOff,
} as const;

/** From this day on what is placed on the EU market names the long list. */
export const longListFrom: Day = allergensJson.from;

/** Where the list is from, and what it is. */
export const allergenSource = { source: allergensJson.source, note: allergensJson.note } as const;

/**
 * The allergens that a pack of a region names: in the EU and Northern Ireland 80 since 31 July 2026,
 * in Great Britain those of 2003, in the United States none yet.
 *
 * @param on the day on which it is first supplied
 */
export const allergensFor = (region: Region, on: Day): readonly SaleAllergen[] => {
  if (region === 'us') return [];
  const isLong = region !== 'gb' && on >= longListFrom;
  return isLong ? list : list.filter(({ since }) => since === 2003);
};
