import type { Content, Base, Oil } from './schema';
import type { Range } from '../quantity';
import { forbiddenOil } from './forbidden';
import { shippedBases, shippedOils } from './shipped';

/** The bottle from which a material comes, as far as a blend must know it. */
export interface BottleInUse {
  readonly lot: string;
  /** The day from which it is past its time. */
  readonly keepsUntil: string;
  /** What sets that day: the date printed on it, or how long the oil keeps once opened. */
  readonly because: 'printed' | 'opened';
  /** True where that day is past. */
  readonly past: boolean;
  /** Ingredients as they are printed on it, where someone has copied them. */
  readonly inci?: string;
}

/** What a laboratory found in one bottle. */
export interface Analysis {
  readonly source: string;
  readonly contents: readonly Content[];
}

/** What the open bottle of a material tells a blend. */
export interface OpenBottle {
  /** Its record on the shelf; null where it has none. */
  readonly id: string | null;
  readonly bottle: BottleInUse;
  /** One drop of it in ml, where it was weighed. */
  readonly dropMl: Range | null;
  readonly analysis: Analysis | null;
}

/** What a house lays over the shipped materials: the same id takes the place of what is shipped. */
export interface LaidOver {
  readonly oils: readonly Oil[];
  readonly bases: readonly Base[];
}

/**
 * All materials of a house: what is shipped with the maker's own laid over it, and the bottles
 * that are open today. It never changes; a house in which something was changed has another.
 */
export interface Catalog {
  /** What is offered: without what was taken out of the house. */
  readonly oils: readonly Oil[];
  readonly bases: readonly Base[];
  /** An oil by its id, also one that was taken out or is forbidden; undefined where there is none. */
  readonly oil: (id: string) => Oil | undefined;
  readonly base: (id: string) => Base | undefined;
  /** True for what can still be read of, and was taken out of the house. */
  readonly isRemoved: (id: string) => boolean;
  /** The open bottle of a material, where there is one. */
  readonly openBottle: (id: string) => OpenBottle | undefined;
}

const byId = <T extends { readonly id: string }>(rows: readonly T[]): ReadonlyMap<string, T> =>
  new Map(rows.map((row) => [row.id, row]));

const nothing: LaidOver = { oils: [], bases: [] };

/**
 * The catalog of a house.
 *
 * @param own what is theirs
 * @param removed what was taken out: found by its id, and never offered
 */
export const catalogOf = (own: LaidOver = nothing, removed: LaidOver = nothing): Catalog => {
  const oils = byId([...shippedOils, ...own.oils]);
  const bases = byId([...shippedBases, ...own.bases]);
  const removedOils = byId(removed.oils);
  const removedBases = byId(removed.bases);
  return {
    oils: [...oils.values()],
    bases: [...bases.values()],
    oil: (id) => oils.get(id) ?? removedOils.get(id) ?? forbiddenOil(id),
    base: (id) => bases.get(id) ?? removedBases.get(id),
    isRemoved: (id) =>
      !oils.has(id) && !bases.has(id) && (removedOils.has(id) || removedBases.has(id)),
    openBottle: () => undefined,
  };
};

/** The materials as they are shipped. */
export const shippedCatalog: Catalog = catalogOf();

/** The same materials, with these bottles open. */
export const withOpenBottles = (
  catalog: Catalog,
  bottles: ReadonlyMap<string, OpenBottle>,
): Catalog => ({ ...catalog, openBottle: (id) => bottles.get(id) });

/** The name of an oil or a base; anything else as it is. */
export const nameIn = (catalog: Catalog, id: string): string =>
  (catalog.oil(id) ?? catalog.base(id))?.name ?? id;
