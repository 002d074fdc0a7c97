import { forbiddenNamed } from './forbidden';
import { forbiddenMark } from './forbiddenMark';
import type { OwnMaterial } from './own';
import { familiesInName } from './healthIndex';
import type { Base, Oil } from './schema';
import { activeNamed, essentialOilsNamed } from './namesakes';
import { nothingSaid } from './nothingSaid';
import { heldTo } from './stricter';

type OwnBase = Extract<OwnMaterial, { kind: 'base' }>;

/** What is active and nothing else, as an oil: its name says what is in it. */
const activeOil = (own: OwnBase, constituent: string): Oil => ({
  id: own.id,
  name: own.name,
  dermalMaximum: { percent: null, status: 'none stated', basis: null, confidence: 'none' },
  ...nothingSaid,
  oxidation: 'low',
  shelfYears: 2,
  densityGPerMl: own.densityGPerMl,
  viscosity: 'medium',
  note: 'middle',
  genus: null,
  family: null,
  counted: { confidence: 'high', constituents: [[constituent, 100, 100, 100]] },
});

/** The essential oil or the active that a base is by its name; of several the strictest of each. */
const judgedAs = (own: OwnBase): Pick<Base, 'judgedAs'> => {
  const active = activeNamed(own.name);
  if (active !== null) return { judgedAs: activeOil(own, active) };
  const [first, ...others] = essentialOilsNamed(own.name);
  return first
    ? {
        judgedAs: {
          ...others.reduce(heldTo, first),
          id: own.id,
          name: own.name,
          densityGPerMl: own.densityGPerMl,
        },
      }
    : {};
};

/** A base of the maker's own as the rules read it. */
export const asBase = (own: Extract<OwnMaterial, { kind: 'base' }>): Base => ({
  id: own.id,
  name: own.name,
  botanical: null,
  inci: own.inci,
  ...forbiddenMark(forbiddenNamed(own.name)),
  ...judgedAs(own),
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
