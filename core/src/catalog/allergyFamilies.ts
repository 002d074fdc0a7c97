import { z } from 'zod';

// Families of materials that people are allergic to together, and names of patch tests. Names are
// recalled from botanical usage, patch-test practice and common speech, and compared; not looked up.

interface AllergyFamilyDefinition {
  /** The plant family, where it is one. */
  readonly latin?: string;
  /** The patch test that asks for it, where that has another name. */
  readonly patchTest?: string;
  /** What else people call it, members of it among them. */
  readonly names: readonly string[];
  /** Words in the name of a base that bring it, and name no allergy. */
  readonly materials?: readonly string[];
}

export const allergyFamilies = {
  'tree nut': {
    names:
      'nuts|nut|tree nuts|almond|almonds|hazelnut|hazelnuts|macadamia|macadamias|macadamia nut|walnut|walnuts|pecan|pecans|brazil nut|brazil nuts|filbert|filberts'.split(
        '|',
      ),
    materials: ['brazil', 'pistachio'],
  },
  'stone fruit': {
    names: ['stone fruits', 'peach', 'peaches', 'apricot', 'apricots', 'cherry', 'plum'],
  },
  coconut: { names: ['coconuts'] },
  sesame: { names: ['sesame seed', 'sesame seeds'] },
  gluten: { names: ['wheat', 'coeliac', 'coeliac disease', 'celiac', 'celiac disease'] },
  soy: { names: ['soya', 'soya bean', 'soybean', 'soybeans', 'soya beans'] },
  'bee product': { names: ['bee products', 'beeswax', 'bees wax', 'honey', 'bees'] },
  'daisy family': {
    latin: 'Asteraceae',
    patchTest: 'sesquiterpene lactones (daisy family)',
    names: ['ragweed', 'compositae', 'compositae mix', 'sesquiterpene lactones', 'daisies'],
    materials: ['calendula', 'arnica'],
  },
  'carrot family': { latin: 'Apiaceae', names: ['umbelliferae', 'celery'] },
  'latex fruit': {
    names: ['latex', 'rubber latex', 'natural rubber latex', 'latex fruits'],
    materials: ['avocado'],
  },
  'balsam of Peru': { names: ['peru balsam', 'myroxylon pereirae'] },
  peanut: { names: ['peanuts', 'groundnut', 'groundnuts', 'arachis', 'monkey nuts'] },
  lanolin: { names: ['wool', 'wool alcohols', 'wool fat', 'wool wax'] },
  cashew: {
    latin: 'Anacardiaceae',
    names: ['cashews', 'cashew nut', 'cashew nuts', 'pistachio', 'pistachios'],
  },
  'mint family': { latin: 'Lamiaceae', names: ['labiatae'] },
  'citrus family': { latin: 'Rutaceae', names: ['citrus', 'citrus fruit', 'citrus fruits'] },
  'pine family': { latin: 'Pinaceae', names: [] },
  'cypress family': { latin: 'Cupressaceae', names: [] },
  'laurel family': { latin: 'Lauraceae', names: [] },
  'myrtle family': { latin: 'Myrtaceae', names: [] },
  'ginger family': { latin: 'Zingiberaceae', names: [] },
  'grass family': { latin: 'Poaceae', names: [] },
  'frankincense family': { latin: 'Burseraceae', names: [] },
  'rose family': { latin: 'Rosaceae', names: [] },
  'pea family': { latin: 'Fabaceae', names: ['leguminosae', 'legumes'] },
  'olive family': { latin: 'Oleaceae', names: [] },
  'fragrance mix I': { names: ['fragrance mix', 'fragrance mix 1'] },
  'fragrance mix II': { names: ['fragrance mix 2'] },
  'linalool hydroperoxides': {
    names: ['linalool', 'oxidised linalool', 'hydroperoxides of linalool'],
  },
  'limonene hydroperoxides': {
    names: ['limonene', 'oxidised limonene', 'hydroperoxides of limonene'],
  },
  colophony: { names: ['rosin', 'colophonium', 'pine resin'] },
  'tea tree, oxidised': { names: ['oxidised tea tree'] },
  propolis: { names: [] },
  'cetyl alcohol': { names: ['cetearyl alcohol', 'cetostearyl alcohol'] },
  'alkyl glucosides': { names: ['decyl glucoside', 'coco glucoside', 'lauryl glucoside'] },
  phenoxyethanol: { names: [] },
} as const satisfies Readonly<Record<string, AllergyFamilyDefinition>>;

export type AllergyFamilyId = keyof typeof allergyFamilies;

/** Families in the order in which they are listed. */
export const allergyFamilyIds = Object.keys(allergyFamilies) as readonly AllergyFamilyId[];

/** A family, wherever the library names one. */
export const allergyFamilyId = z.enum(allergyFamilyIds);

/** What a family means. */
export const allergyFamilyOf = (id: AllergyFamilyId): AllergyFamilyDefinition =>
  allergyFamilies[id];
