import {
  chemistryOf,
  findConstituent,
  inciOfBase,
  inciOfOil,
  type Base,
  type Content,
  type Oil,
} from '../catalog';
import { byName } from '../quantity';
import type { Brief } from '../brief';
import { mixtureSeen } from '../limits';
import type { Mixture } from '../mixture';

/** An ingredient as it is in the list on a pack. */
export interface Ingredient {
  readonly materialId: string;
  /** Null where its name is not known: the list is incomplete without it. */
  readonly inci: string | null;
  /** Made of genus and species: to be checked against the supplier’s papers. */
  readonly isDerived: boolean;
  /** In percent of the finished product, by weight. */
  readonly percent: number;
}

/** An allergen that must be named beside the ingredients. */
export interface NamedAllergen {
  readonly inci: string;
  /** In percent of the finished product: with what the oils usually hold, and with the most. */
  readonly percent: { readonly likely: number; readonly high: number };
  readonly from: readonly string[];
}

/** What the list on a pack says of what is in it. */
export interface SaleFacts {
  /** In falling order of weight. */
  readonly ingredients: readonly Ingredient[];
  /** By name, the most first. */
  readonly allergens: readonly NamedAllergen[];
  /** Oils of which the chemistry is not known: their allergens cannot be listed. */
  readonly unknown: readonly string[];
}

/** Above this, in percent by weight, an allergen is named (Regulation (EC) 1223/2009, Annex III). */
export const namedAbove = { leaveOn: 0.001, rinseOff: 0.01 } as const;

const shareOf = (mixture: Mixture, g: number): number =>
  mixture.totalG.likely > 0 ? (100 * g) / mixture.totalG.likely : 0;

const ingredientsOf = (mixture: Mixture): readonly Ingredient[] => {
  const entry = (material: Oil | Base, g: number, name: ReturnType<typeof inciOfOil>) => ({
    materialId: material.id,
    inci: name?.inci ?? null,
    isDerived: name?.isDerived ?? false,
    percent: shareOf(mixture, g),
  });
  const all = [
    ...mixture.oils.map(({ oil, g }) => entry(oil, g.likely, inciOfOil(oil))),
    ...mixture.bases.map(({ base, g }) => entry(base, g.likely, inciOfBase(base))),
  ].filter(({ percent }) => percent > 0);
  // One name appears once, whatever it came from: two kinds of rosemary are one ingredient.
  const once = new Map<string, Ingredient>();
  for (const item of all) {
    const key = item.inci ?? item.materialId;
    const before = once.get(key);
    once.set(key, before ? { ...before, percent: before.percent + item.percent } : item);
  }
  return [...once.values()].sort((a, b) => b.percent - a.percent);
};

/** What must be named of what an oil holds, by the name under which it is on a pack. */
const allergensIn = (contents: readonly Content[]): readonly [string, number, number][] =>
  contents.flatMap(([name, , typical, high]): [string, number, number][] => {
    const constituent = findConstituent(name);
    return constituent?.euAllergen2003 && constituent.inci
      ? [[constituent.inci, typical, high]]
      : [];
  });

/**
 * Ingredients and allergens of a product for its pack. An allergen is named where it is above the
 * threshold with the most that its oils may hold: named once too often does no harm.
 */
export const saleFactsOf = (poured: Mixture, { use }: Pick<Brief, 'use'>): SaleFacts => {
  const mixture = mixtureSeen(poured);
  const threshold = use === 'rinse-off' ? namedAbove.rinseOff : namedAbove.leaveOn;
  const sums = new Map<string, { likely: number; high: number; from: Set<string> }>();
  const unknown: string[] = [];
  for (const { oil, g } of mixture.oils) {
    const share = shareOf(mixture, g.likely);
    if (share <= 0) continue;
    const chemistry = chemistryOf(oil);
    if (!chemistry || chemistry.isPartial) unknown.push(oil.id);
    for (const [inci, typical, high] of allergensIn(chemistry?.constituents ?? [])) {
      const sum = sums.get(inci) ?? { likely: 0, high: 0, from: new Set<string>() };
      sums.set(inci, {
        likely: sum.likely + (share * typical) / 100,
        high: sum.high + (share * high) / 100,
        from: sum.from.add(oil.id),
      });
    }
  }
  return {
    ingredients: ingredientsOf(mixture),
    allergens: [...sums]
      .filter(([, { high }]) => high > threshold)
      .map(([inci, { likely, high, from }]) => ({
        inci,
        percent: { likely, high },
        from: [...from],
      }))
      .sort((a, b) => b.percent.likely - a.percent.likely || byName(a.inci, b.inci)),
    unknown,
  };
};
