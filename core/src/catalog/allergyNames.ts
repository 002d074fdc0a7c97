import type { AllergyFamilyId } from './allergyFamilies';

// Recalled from botanical usage, patch-test practice and common speech, and compared; not looked up.

/** What people write for a family. */
interface AllergyNames {
  /** What else they call it, members of it among them. */
  readonly names: readonly string[];
  /** Words in the name of a base that bring it, and name no allergy. */
  readonly materials?: readonly string[];
}

const allergyNames: Readonly<Record<AllergyFamilyId, AllergyNames>> = {
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
    names: ['ragweed', 'compositae', 'compositae mix', 'sesquiterpene lactones', 'daisies'],
    materials: ['calendula', 'arnica'],
  },
  'carrot family': { names: ['umbelliferae', 'celery'] },
  'latex fruit': {
    names: ['latex', 'rubber latex', 'natural rubber latex', 'latex fruits'],
    materials: ['avocado'],
  },
  'balsam of Peru': { names: ['peru balsam', 'myroxylon pereirae'] },
  peanut: { names: ['peanuts', 'groundnut', 'groundnuts', 'arachis', 'monkey nuts'] },
  milk: { names: ['cow’s milk', 'cows milk', 'cow milk protein', 'dairy', 'casein', 'whey'] },
  lanolin: { names: ['wool', 'wool alcohols', 'wool fat', 'wool wax'] },
  cashew: { names: ['cashews', 'cashew nut', 'cashew nuts', 'pistachio', 'pistachios'] },
  'mint family': { names: ['labiatae'] },
  'citrus family': { names: ['citrus', 'citrus fruit', 'citrus fruits'] },
  'pine family': { names: [] },
  'cypress family': { names: [] },
  'laurel family': { names: [] },
  'myrtle family': { names: [] },
  'ginger family': { names: [] },
  'grass family': { names: [] },
  'frankincense family': { names: [] },
  'rose family': { names: [] },
  'pea family': { names: ['leguminosae', 'legumes'] },
  'olive family': { names: [] },
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
};

/** What people write for a family. */
export const namesOfAllergy = (id: AllergyFamilyId): AllergyNames => allergyNames[id];
