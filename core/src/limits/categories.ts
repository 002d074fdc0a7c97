import type { Brief } from '../brief';
import {
  constituentLimits,
  productCategories,
  type ConstituentLimit,
  type PlaceId,
  type ProductCategory,
} from '../catalog';

const byPlace: Partial<Record<PlaceId, ProductCategory>> = {
  lips: 'lips',
  underarm: 'underarm',
  face: 'face',
  beard: 'face',
  'hands-or-feet': 'hands',
  'perfume-small-area': 'perfume',
  'pulse-points': 'perfume',
};

/**
 * The kind of product whose figures count in place of the general caps: of what is for sale, and
 * for lips and underarm; null where the general caps hold. A place of which no category is held is
 * judged as body oil, which is strict.
 */
export const categoryOf = ({ place, forSale }: Pick<Brief, 'place' | 'forSale'>) => {
  const category = byPlace[place] ?? 'body';
  return forSale || category === 'lips' || category === 'underarm' ? category : null;
};

/** A cap on constituents as it holds for a kind of product. */
export interface CategoryCap {
  readonly limit: ConstituentLimit;
  readonly percent: number;
  /** The figure of the category counts; null where the general one does. */
  readonly category: ProductCategory | null;
  /** Worked out from the figure for perfume, not recalled. */
  readonly derived: boolean;
}

const isSensitiser = ({ basis }: ConstituentLimit): boolean => /sensitis/.test(basis);

/** The figure of a category; the general cap where it is the stricter, so that nothing loosens. */
const capFor = (limit: ConstituentLimit, category: ProductCategory): CategoryCap => {
  const general = { limit, percent: limit.percent, category: null, derived: false };
  const { recalled, ratioToPerfume } = productCategories;
  const figures = recalled[limit.id];
  const stated = figures?.[category] ?? figures?.all;
  const ratio = ratioToPerfume[category];
  const perfume = figures?.perfume ?? (/category 4/.test(limit.basis) ? limit.percent : undefined);
  const percent =
    stated ??
    (perfume !== undefined && ratio !== undefined && isSensitiser(limit)
      ? perfume * ratio
      : undefined);
  return percent === undefined || percent >= limit.percent
    ? general
    : { limit, percent, category, derived: stated === undefined };
};

const general: readonly CategoryCap[] = constituentLimits.map((limit) => ({
  limit,
  percent: limit.percent,
  category: null,
  derived: false,
}));

const perCategory = new Map<ProductCategory, readonly CategoryCap[]>();

/** All caps on constituents, as they hold for this brief. */
export const capsFor = (brief: Pick<Brief, 'place' | 'forSale'>): readonly CategoryCap[] => {
  const category = categoryOf(brief);
  if (category === null) return general;
  const before = perCategory.get(category);
  if (before) return before;
  const caps = constituentLimits.map((limit) => capFor(limit, category));
  perCategory.set(category, caps);
  return caps;
};
