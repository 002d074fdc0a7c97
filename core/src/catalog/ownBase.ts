import { essentialNamed, forbiddenNamed } from './forbidden';
import { forbiddenMark } from './forbiddenMark';
import type { OwnMaterial } from './own';
import { familiesInName } from './healthIndex';
import type { Base } from './schema';
import { shippedOils } from './shipped';

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
  allergens: [...new Set([...own.allergens, ...familiesInName(own.name)])].map((family) => ({
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
