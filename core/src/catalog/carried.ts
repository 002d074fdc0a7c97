import type { Day } from '../quantity';
import { catalogOf, type BottleInUse, type Catalog, type OpenBottle } from './catalog';
import { houseMaterials } from './houseMaterials';
import type { CarriedMaterial, OwnMaterial } from './own';
import type { Oil } from './schema';

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

/** Something that is mixed for one blend alone, and counts as one oil of it. */
export type MixedMaterial = Extract<OwnMaterial, { kind: 'ready-made' }>;

/**
 * What is mixed keeps as long as the first of its oils: the bottle that is past its date or will be
 * first. Undefined where that of one oil is not known and none of the others is past.
 */
const bottleOfMixed = (house: Catalog, { parts }: MixedMaterial): OpenBottle | undefined => {
  const open = parts.flatMap(({ id }) => house.openBottle(id)?.bottle ?? []);
  const [first] = [...open].sort((a, b) => (a.keepsUntil < b.keepsUntil ? -1 : 1));
  if (!first || (open.length < parts.length && !first.past)) return undefined;
  const bottle: BottleInUse = { ...first, lot: '' };
  return { id: null, bottle, dropMl: null, analysis: null };
};

/** A house with what is mixed for one blend: found by its id, and never offered. */
export const catalogWithMixed = (house: Catalog, mixed: readonly MixedMaterial[]): Catalog => {
  const { oils } = houseMaterials(mixed, { house });
  const laid = new Map<string, Oil>(oils.map((oil) => [oil.id, oil]));
  const bottles = new Map(mixed.map((one) => [one.id, bottleOfMixed(house, one)]));
  return {
    ...house,
    oil: (id) => laid.get(id) ?? house.oil(id),
    openBottle: (id) => (laid.has(id) ? bottles.get(id) : house.openBottle(id)),
  };
};
