import type { Day } from '../quantity';
import { catalogOf, type Catalog } from './catalog';
import { houseMaterials } from './houseMaterials';
import type { CarriedMaterial, OwnMaterial } from './own';

/** Ids of the oils that a ready-made blend is made of; none for anything else. */
const insideOf = (own: OwnMaterial): string[] =>
  own.kind === 'ready-made' ? [...own.parts, ...(own.carriers ?? [])].map(({ id }) => id) : [];

/**
 * Of a house's own materials and figures those that a blend uses: its own oils and bases, and
 * figures of the oils in it or in a ready-made blend that is in it.
 *
 * @param ids of all oils and bases of the blend
 */
export const materialsUsed = (
  all: readonly OwnMaterial[],
  ids: readonly string[],
): CarriedMaterial[] => {
  const own = all.filter((entry) => entry.kind !== 'check');
  const chosen = own.filter((entry) => entry.kind !== 'figure' && ids.includes(entry.id));
  const oils = new Set([...ids, ...chosen.flatMap(insideOf)]);
  const named = own.filter((entry) => entry.kind !== 'figure' && oils.has(entry.id));
  return own.filter((entry) =>
    entry.kind === 'figure' ? oils.has(entry.oilId) : named.includes(entry),
  );
};

/** A file from another house, on the day on which it is read. */
interface Elsewhere {
  readonly today: Day;
}

/**
 * The catalog of what carries its own materials: those lie over what is shipped, and only what is
 * in neither is looked up in the house. The bottles are those of the house.
 *
 * @param elsewhere set for a file that came from another house
 */
export const catalogCarrying = (
  house: Catalog,
  own: readonly OwnMaterial[],
  elsewhere?: Elsewhere,
): Catalog => {
  const carried = catalogOf(
    houseMaterials(own, elsewhere && { today: elsewhere.today, isFromElsewhere: true }),
  );
  return {
    ...carried,
    oil: (id) => carried.oil(id) ?? house.oil(id),
    base: (id) => carried.base(id) ?? house.base(id),
    isRemoved: () => false,
    openBottle: house.openBottle,
  };
};
