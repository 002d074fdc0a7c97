import { findBase, findOil, shippedBases, shippedOils, type Lookup } from './library';
import { houseMaterials, type OwnMaterial } from './own';

/** Ids of the oils that a ready-made blend is made of; none for anything else. */
const insideOf = (own: OwnMaterial): string[] =>
  own.kind === 'ready-made' ? own.parts.map(({ id }) => id) : [];

/**
 * Of a house's own materials and figures those that a blend uses: its own oils and bases, and
 * figures of the oils in it or in a ready-made blend that is in it.
 *
 * @param ids of all oils and bases of the blend
 */
export const materialsUsed = (
  own: readonly OwnMaterial[],
  ids: readonly string[],
): OwnMaterial[] => {
  const named = own.filter((entry) => entry.kind !== 'figure' && ids.includes(entry.id));
  const oils = new Set([...ids, ...named.flatMap(insideOf)]);
  return own.filter((entry) =>
    entry.kind === 'figure' ? oils.has(entry.oilId) : named.includes(entry),
  );
};

/** Looks materials up as a batch carries them: what is not its own is as it is shipped. */
export const carriedLookup = (own: readonly OwnMaterial[]): Lookup => {
  const { oils, bases } = houseMaterials(own);
  const oilsById = new Map([...shippedOils, ...oils].map((oil) => [oil.id, oil]));
  const basesById = new Map([...shippedBases, ...bases].map((base) => [base.id, base]));
  return {
    oil: (id) => oilsById.get(id) ?? findOil(id),
    base: (id) => basesById.get(id) ?? findBase(id),
  };
};
