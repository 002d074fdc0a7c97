import {
  looksOf,
  scentFamilies,
  type Catalog,
  type Oil,
  type ScentFamily,
  usualCarriers,
} from '../catalog';
import { byName, searchFor } from '../quantity';
import { workOut } from '../drops';
import type { Finding, Verdict } from '../limits';
import type { Recipe } from '../recipe';

/** So little of an oil that only what is stated of it whatever its strength speaks, in percent. */
const tracePercent = 0.01;

/** What is stated of an oil for the person and the place of a blend, whatever its strength. */
export interface OilForBrief {
  /** Null where the blend does not say yet who it is for and where it goes. */
  readonly verdict: Verdict | null;
  readonly blocking: boolean;
  /** The first of what speaks against it; null where nothing does. */
  readonly against: Finding | null;
}

/** An oil by itself, in a trace, on the person and the place of a blend. */
export const oilForBrief = (catalog: Catalog, recipe: Recipe, oil: Oil): OilForBrief => {
  const worked = workOut(catalog, {
    ...recipe,
    target: null,
    oils: [{ id: oil.id, amount: { unit: 'percent', value: tracePercent } }],
    bases:
      recipe.bases.length > 0
        ? recipe.bases
        : [{ id: usualCarriers[0], amount: { unit: 'parts', value: 1 } }],
  });
  if (worked.state !== 'done') return { verdict: null, blocking: false, against: null };
  const { verdict, blocking, findings } = worked.evaluation;
  return {
    verdict,
    blocking,
    against:
      findings.find((finding) => finding.verdict !== 'within' && finding.verdict !== 'note') ??
      null,
  };
};

/** What is asked of the oils to choose from; null and false ask nothing. */
export interface OilQuery {
  readonly note: Oil['note'] | null;
  readonly family: ScentFamily | null;
  readonly onShelfOnly: boolean;
  /** Near in smell to what is in the blend: of the same family, or of one beside it. */
  readonly nearOnly: boolean;
  readonly find: string;
}

/** True where two families are side by side in the order from fresh to deep, or are the same. */
export const isNear = (a: ScentFamily | null, b: ScentFamily | null): boolean =>
  a !== null && b !== null && Math.abs(scentFamilies.indexOf(a) - scentFamilies.indexOf(b)) <= 1;

/** The oils that were asked for, by name. */
export const filterOils = (
  oils: readonly Oil[],
  query: OilQuery,
  inBlend: readonly Oil[],
  isOnShelf: (oilId: string) => boolean,
): readonly Oil[] => {
  const isFound = searchFor(query.find);
  const families = inBlend.map((oil) => looksOf(oil).family);
  return oils
    .filter((oil) => {
      const { family } = looksOf(oil);
      return (
        isFound(oil.name) &&
        (query.note === null || oil.note === query.note) &&
        (query.family === null || family === query.family) &&
        (!query.onShelfOnly || isOnShelf(oil.id)) &&
        (!query.nearOnly || families.some((entry) => isNear(entry, family)))
      );
    })
    .sort((a, b) => byName(a.name, b.name));
};

/** Notes that no oil of the blend has: top, middle or base. */
export const notesMissing = (inBlend: readonly Oil[]): readonly Oil['note'][] =>
  (['top', 'middle', 'base'] as const).filter((note) => inBlend.every((oil) => oil.note !== note));
