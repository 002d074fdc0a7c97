// Families of materials that people are allergic to together, and names of patch tests. What people
// call them is in allergyNames.ts, words for them are in `words/`, both complete by type.

interface AllergyFamilyDefinition {
  /** The plant family, where it is one. */
  readonly latin?: string;
  /** An allergy to one member counts as one to all: one nut speaks for the others. */
  readonly isOneForAll?: true;
  /** The patch test that asks for it, where that has another name. */
  readonly patchTest?: string;
}

const allergyFamilies = {
  'tree nut': { isOneForAll: true },
  'stone fruit': {},
  coconut: {},
  sesame: {},
  gluten: {},
  soy: {},
  'bee product': {},
  milk: { isOneForAll: true },
  'daisy family': { latin: 'Asteraceae', patchTest: 'sesquiterpene lactones (daisy family)' },
  'carrot family': { latin: 'Apiaceae' },
  'latex fruit': {},
  'balsam of Peru': {},
  peanut: { isOneForAll: true },
  lanolin: {},
  cashew: { latin: 'Anacardiaceae', isOneForAll: true },
  'mint family': { latin: 'Lamiaceae' },
  'citrus family': { latin: 'Rutaceae' },
  'pine family': { latin: 'Pinaceae' },
  'cypress family': { latin: 'Cupressaceae' },
  'laurel family': { latin: 'Lauraceae' },
  'myrtle family': { latin: 'Myrtaceae' },
  'ginger family': { latin: 'Zingiberaceae' },
  'grass family': { latin: 'Poaceae' },
  'frankincense family': { latin: 'Burseraceae' },
  'rose family': { latin: 'Rosaceae' },
  'pea family': { latin: 'Fabaceae' },
  'olive family': { latin: 'Oleaceae' },
  'fragrance mix I': {},
  'fragrance mix II': {},
  'linalool hydroperoxides': {},
  'limonene hydroperoxides': {},
  colophony: {},
  'tea tree, oxidised': {},
  propolis: {},
  'cetyl alcohol': {},
  'alkyl glucosides': {},
  phenoxyethanol: {},
} as const satisfies Readonly<Record<string, AllergyFamilyDefinition>>;

export type AllergyFamilyId = keyof typeof allergyFamilies;

/** Families in the order in which they are listed. */
export const allergyFamilyIds = Object.keys(allergyFamilies) as readonly AllergyFamilyId[];

/** What a family means. */
export const allergyFamilyOf = (id: AllergyFamilyId): AllergyFamilyDefinition =>
  allergyFamilies[id];

/** True for the id of a family. */
export const isAllergyFamily = (id: string): id is AllergyFamilyId =>
  Object.hasOwn(allergyFamilies, id);
