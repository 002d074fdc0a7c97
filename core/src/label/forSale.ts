import {
  allergensFor,
  chemistryOf,
  constituentNamed,
  namedAbove,
  packNameOfBase,
  packNameOfOil,
  type Base,
  type Oil,
  type PackName,
  type Region,
  type SaleAllergen,
} from '../catalog';
import { byName, type Day } from '../quantity';
import type { Brief } from '../brief';
import { mixtureSeen } from '../limits';
import type { Mixture } from '../mixture';

/** An ingredient as it is in the list on a pack. */
export interface Ingredient {
  /** As it is printed. */
  readonly name: string;
  /** Materials that it came from: one name appears once. */
  readonly materialIds: readonly string[];
  /**
   * In percent of the finished product, by weight; null of what a mixture holds in a share that only
   * its maker knows.
   */
  readonly percent: number | null;
  /** What is not settled of the name; empty where nothing is. */
  readonly doubt: string;
}

/** An allergen that must be named beside the ingredients. */
export interface NamedAllergen {
  readonly label: string;
  /** In percent of the finished product: with what the oils usually hold, and with the most. */
  readonly percent: { readonly likely: number; readonly high: number };
  readonly from: readonly string[];
  /** Oils are listed as such, whatever is in them. */
  readonly isWhole: boolean;
  /** Named by the careful reading alone: by kin of what is listed. */
  readonly isDoubtful: boolean;
  readonly confidence: string;
  readonly note: string;
}

/** What the list on a pack says of what is in it. */
export interface SaleFacts {
  /** In falling order of weight; those of unknown share last. */
  readonly ingredients: readonly Ingredient[];
  /** The most first. */
  readonly allergens: readonly NamedAllergen[];
  /** Oils of which the chemistry is not known: their allergens cannot be listed. */
  readonly unknown: readonly string[];
  /** Materials that have a name on their bottle alone. */
  readonly unnamed: readonly string[];
}

/** Where and when a pack is sold. */
export interface SoldWhere {
  readonly region: Region;
  /** The day on which it is first supplied. */
  readonly on: Day;
  /** Ingredients as they are printed on the bottle of a material; null where no one has said. */
  readonly onBottle?: (materialId: string) => string | null;
}

const shareOf = (mixture: Mixture, g: number): number =>
  mixture.totalG.likely > 0 ? (100 * g) / mixture.totalG.likely : 0;

const doubtOf = ({ confidence, isFromBottle, note }: PackName): string =>
  confidence === 'low' || isFromBottle ? note || 'The name on the bottle decides.' : '';

const ingredientsOf = (
  mixture: Mixture,
  { region, onBottle = () => null }: Pick<SoldWhere, 'region' | 'onBottle'>,
): Pick<SaleFacts, 'ingredients' | 'unnamed'> => {
  const unnamed: string[] = [];
  const once = new Map<string, Ingredient>();
  const add = (material: Oil | Base, g: number, known: PackName): void => {
    const percent = shareOf(mixture, g);
    // Where the list on the bottle decides, what the maker has copied from it is the name.
    const copied = known.isFromBottle ? (onBottle(material.id) ?? '').trim() : '';
    const pack: PackName =
      copied === ''
        ? known
        : {
            names: copied.split(/\s*[,;]\s*/).filter((name) => name !== ''),
            confidence: 'high',
            isFromBottle: false,
            note: '',
          };
    if (percent <= 0) return;
    if (pack.names.length === 0) unnamed.push(material.id);
    pack.names.forEach((name, n) => {
      // Of a mixture the first has the weight: what the rest has only its maker knows.
      const share = n === 0 ? percent : null;
      const before = once.get(name);
      const shares = [before?.percent ?? null, share].filter((one) => one !== null);
      once.set(name, {
        name,
        materialIds: [...new Set([...(before?.materialIds ?? []), material.id])],
        percent: shares.length > 0 ? shares.reduce((a, b) => a + b, 0) : null,
        doubt: before?.doubt || doubtOf(pack),
      });
    });
  };
  for (const { oil, g } of mixture.oils) add(oil, g.likely, packNameOfOil(oil, region));
  for (const { base, g } of mixture.bases) add(base, g.likely, packNameOfBase(base, region));
  const ingredients = [...once.values()].sort((a, b) => (b.percent ?? -1) - (a.percent ?? -1));
  return { ingredients, unnamed };
};

/** What of an oil counts under an allergen, in percent of the oil: usually, and at the most. */
const contentOf = (
  oil: Oil,
  members: readonly string[],
): { readonly likely: number; readonly high: number } =>
  (chemistryOf(oil)?.constituents ?? []).reduce(
    (sum, [name, , typical, high]) =>
      members.includes(constituentNamed(name) ?? name.toLowerCase())
        ? { likely: sum.likely + typical, high: sum.high + high }
        : sum,
    { likely: 0, high: 0 },
  );

interface Sum {
  readonly likely: number;
  readonly high: number;
  readonly from: readonly string[];
}

/** What all oils bring under an allergen, with or without what only a careful reader counts. */
const sumOf = (
  mixture: Mixture,
  { members, doubtfulMembers, oils, doubtfulOils }: SaleAllergen,
  isCareful: boolean,
): Sum => {
  const counted = isCareful ? [...members, ...doubtfulMembers] : members;
  const listed = isCareful ? [...oils, ...doubtfulOils] : oils;
  return mixture.oils.reduce(
    (sum: Sum, { oil, g }) => {
      const share = shareOf(mixture, g.likely);
      const isListed = listed.includes(oil.id);
      const content = isListed ? { likely: 100, high: 100 } : contentOf(oil, counted);
      return content.high > 0 && share > 0
        ? {
            likely: sum.likely + (share * content.likely) / 100,
            high: sum.high + (share * content.high) / 100,
            from: [...sum.from, oil.id],
          }
        : sum;
    },
    { likely: 0, high: 0, from: [] },
  );
};

/**
 * Ingredients and allergens of a product for its pack. An allergen is named where it exceeds the
 * threshold with the most that its oils may hold, and by the careful reading of its entry: named once
 * too often does no harm.
 */
export const saleFactsOf = (
  poured: Mixture,
  { use }: Pick<Brief, 'use'>,
  { region, on, onBottle }: SoldWhere,
): SaleFacts => {
  const mixture = mixtureSeen(poured);
  const threshold = use === 'rinse-off' ? namedAbove.rinseOff : namedAbove.leaveOn;
  const inIt = mixture.oils.filter(({ g }) => shareOf(mixture, g.likely) > 0);
  const allergens = allergensFor(region, on)
    .flatMap((allergen): NamedAllergen[] => {
      const careful = sumOf(mixture, allergen, true);
      if (careful.high <= threshold) return [];
      return [
        {
          label: allergen.label,
          percent: { likely: careful.likely, high: careful.high },
          from: careful.from,
          isWhole: careful.from.some(
            (id) => allergen.oils.includes(id) || allergen.doubtfulOils.includes(id),
          ),
          isDoubtful: sumOf(mixture, allergen, false).high <= threshold,
          confidence: allergen.confidence,
          note: allergen.note ?? '',
        },
      ];
    })
    .sort((a, b) => b.percent.likely - a.percent.likely || byName(a.label, b.label));
  return {
    ...ingredientsOf(mixture, { region, ...(onBottle ? { onBottle } : {}) }),
    allergens,
    unknown: inIt.flatMap(({ oil }) => {
      const chemistry = chemistryOf(oil);
      return !chemistry || chemistry.isPartial ? [oil.id] : [];
    }),
  };
};
