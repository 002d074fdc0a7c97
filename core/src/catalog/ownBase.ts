import { essentialNamed, forbiddenNamed } from './forbidden';
import { forbiddenMark } from './forbiddenMark';
import type { OwnMaterial } from './own';
import { plainName } from './plainName';
import type { Base } from './schema';
import { shippedOils } from './shipped';

/** Words in the name of a base that say what it is of. */
const allergenWords: Readonly<Record<string, string>> = {
  almond: 'tree nut',
  hazelnut: 'tree nut',
  walnut: 'tree nut',
  macadamia: 'tree nut',
  pecan: 'tree nut',
  brazil: 'tree nut',
  pistachio: 'tree nut',
  cashew: 'cashew',
  peanut: 'peanut',
  arachis: 'peanut',
  groundnut: 'peanut',
  sesame: 'sesame',
  soy: 'soy',
  soya: 'soy',
  wheat: 'gluten',
  coconut: 'coconut',
  beeswax: 'bee product',
  propolis: 'bee product',
  lanolin: 'lanolin',
  apricot: 'stone fruit',
  peach: 'stone fruit',
  avocado: 'latex fruit',
  calendula: 'daisy family',
  arnica: 'daisy family',
};

const allergensInName = (name: string): string[] =>
  plainName(name)
    .split(' ')
    .flatMap((word) => allergenWords[word] ?? []);

/** A base of the maker's own as the rules read it. */
export const asBase = (own: Extract<OwnMaterial, { kind: 'base' }>): Base => ({
  id: own.id,
  name: own.name,
  botanical: null,
  inci: own.inci,
  ...forbiddenMark(forbiddenNamed(own.name)),
  ...(essentialNamed(own.name, shippedOils) ? { isEssential: true } : {}),
  kind: own.baseKind,
  densityGPerMl: own.densityGPerMl,
  meltRangeC: own.meltC === null ? null : [own.meltC, own.meltC],
  shelfMonths: own.shelfMonths,
  allergens: [...new Set([...own.allergens, ...allergensInName(own.name)])].map((family) => ({
    family,
    what: 'avoid',
  })),
  allergensKnown: own.allergensKnown ?? false,
  conditions: [],
  sun: null,
  // A base of the maker's own names its allergies itself.
  genus: null,
  family: null,
});
