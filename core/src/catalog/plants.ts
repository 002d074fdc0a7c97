import familiesJson from './data/plant-families.json';

const { families } = familiesJson;

const familyOf = new Map(
  families.flatMap(({ id, genera }) => genera.map((genus) => [genus, id] as const)),
);

/** Genus and family of a botanical name, by the first genus in it that is known; null without. */
export const plantOf = (
  botanical: string,
): { readonly genus: string | null; readonly family: string | null } => {
  for (const [genus] of botanical.matchAll(/\b[A-Z][a-z]{2,}\b/g)) {
    const family = familyOf.get(genus);
    if (family !== undefined) return { genus, family };
  }
  return { genus: null, family: null };
};

/** What people call a plant family: `the mint family`; its Latin name where they have no other. */
export const familyName = (id: string): string =>
  families.find((family) => family.id === id)?.name ?? id;
