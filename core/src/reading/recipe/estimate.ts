import { measures, type Base, type Catalog, type Oil } from '../../catalog';
import { readAmount } from '../../quantity';
import { usualDropsPerMl } from '../../recipe';
import type { WrittenAmount } from './amounts';
import { containerMl } from './containers';
import type { ReadIngredient } from './readIngredient';
import type { ReadRecipe } from './draft';

/** Where no density is known: that of most carriers. */
const usualDensity = 0.92;
/** Room that stays free above a full bottle, in percent of what it is sold as. */
const fillPercent = 95;

/** What an ingredient is taken for in a sum: the likeliest of what it may be. */
const takenFor = (catalog: Catalog, { candidates: [first] }: ReadIngredient) =>
  first === undefined ? undefined : (catalog.oil(first) ?? catalog.base(first));

/** Kinds of base that are measured by volume as a matter of course. */
const liquidKinds: readonly string[] = [
  'oil',
  'aqueous',
  'alcohol',
  'humectant',
  'soap',
  'solubiliser',
];

/** True for what pours: an ounce of it may be of volume. */
export const pours = (material: Oil | Base): boolean =>
  !('kind' in material) || liquidKinds.includes(material.kind);

/** An amount with its bare ounces read as of volume, or as of weight. */
export const ounceRead = (typed: string, as: 'volume' | 'weight'): string =>
  typed.replace(/(?<!fl )\b(?:oz|ounces?)\b(?! by)/g, as === 'volume' ? 'fl oz' : 'oz by weight');

/** True where the maker says that the ounces are of weight. */
export const isByWeight = ({ text }: ReadIngredient): boolean =>
  /by weight|\(weight\)|weighed|\bwt\b/i.test(text);

export const isOilIngredient = ({ kind, amount, candidates }: ReadIngredient): boolean =>
  kind === 'oil' || (kind === null && candidates.length === 0 && amount?.unit === 'drops');

/**
 * What an amount comes to in ml, spoons by the metric set, an ounce of a liquid as a fluid one;
 * null of parts and percents.
 */
const mlOfAmount = (
  { unit, value, low, typed }: WrittenAmount,
  material: Oil | Base | undefined,
  dropsToMl: number = usualDropsPerMl,
  isByWeight = false,
): number | null => {
  if (unit === 'drops') return value / dropsToMl;
  if (unit === 'parts' || unit === 'percent') return null;
  const density = material?.densityGPerMl ?? usualDensity;
  const isLiquid = material === undefined || pours(material);
  const text = low === undefined ? typed : `${value} ${unit}`;
  const ounces = ounceRead(text, isLiquid && !isByWeight ? 'volume' : 'weight');
  const country = /fl oz|cup|pint|quart/.test(ounces) ? 'us' : 'metric';
  const read = readAmount(ounces, country, measures, { fillMl: 0, liquid: false });
  if (!read.ok) return null;
  return read.amount.kind === 'ml'
    ? read.amount.ml
    : read.amount.kind === 'g'
      ? read.amount.g / density
      : null;
};

/** What goes in, without what may be taken in place of it. */
export const goesIn = ({
  ingredients,
}: Pick<ReadRecipe, 'ingredients'>): readonly ReadIngredient[] =>
  ingredients.filter(({ isAlternative }) => !isAlternative);

/**
 * The one base without an amount where a container or a strength is named: it takes up the rest.
 * Where several have none, no one can know how much of each.
 */
export const restIn = (
  recipe: Pick<ReadRecipe, 'ingredients' | 'container' | 'target'>,
): ReadIngredient | null => {
  const { container, target } = recipe;
  const open = goesIn(recipe).filter(
    (readIngredient) =>
      !isOilIngredient(readIngredient) &&
      readIngredient.amount === null &&
      readIngredient.candidates.length > 0,
  );
  const filling = open.find(({ isFill }) => isFill);
  const [only, ...others] = open;
  if (filling) return filling;
  return (container ?? target) && only && others.length === 0 ? only : null;
};

/** How much of essential oil and how much in all, as far as the recipe says. */
export interface Estimate {
  /** Essential oil, in ml, at a size of the drop. */
  readonly oilMl: (dropsToMl: number) => number;
  /** What the bases come to, in ml; null where none has an amount of its own. */
  readonly basesMl: number | null;
  /** What the container holds when it is filled; null where none, or no size, was named. */
  readonly containerMl: number | null;
  /** All of it, in ml; null where nothing tells. */
  readonly totalMl: (dropsToMl: number) => number | null;
  /** Essential oil in percent of all of it; null where that is not known. */
  readonly percent: (dropsToMl: number) => number | null;
}

/** Adds up a recipe as it was read. */
export const estimateOf = (recipe: ReadRecipe, catalog: Catalog): Estimate => {
  const oils = goesIn(recipe).filter(isOilIngredient);
  const bases = goesIn(recipe).filter((readIngredient) => !isOilIngredient(readIngredient));
  const hasFill = bases.some(({ isFill }) => isFill);
  const sized = bases.flatMap((base) => {
    const ml = base.amount
      ? mlOfAmount(base.amount, takenFor(catalog, base), usualDropsPerMl, isByWeight(base))
      : null;
    return ml === null ? [] : [ml];
  });
  const basesMl = sized.length > 0 ? sized.reduce((total, entry) => total + entry, 0) : null;
  const size = recipe.container ? containerMl(recipe.container) : null;
  const filled = size === null ? null : (size * fillPercent * (recipe.container?.count ?? 1)) / 100;
  const percents = oils.filter(({ amount }) => amount?.unit === 'percent');
  const oilMl = (dropsToMl: number): number =>
    oils.reduce(
      (total, oil) =>
        total + (oil.amount ? (mlOfAmount(oil.amount, takenFor(catalog, oil), dropsToMl) ?? 0) : 0),
      0,
    );
  const isAllSized =
    bases.length > 0 &&
    bases.every(({ amount, isFill }) => amount !== null && !isFill && amount.unit !== 'parts');
  const totalMl = (dropsToMl: number): number | null => {
    if (filled !== null && (hasFill || !isAllSized)) return filled;
    return basesMl === null ? filled : basesMl + oilMl(dropsToMl);
  };
  return {
    oilMl,
    basesMl,
    containerMl: filled,
    totalMl,
    percent: (dropsToMl) => {
      const written = percents.reduce((total, { amount }) => total + (amount?.value ?? 0), 0);
      const total = totalMl(dropsToMl);
      const measured = oilMl(dropsToMl);
      if (measured === 0) return percents.length > 0 && bases.length > 0 ? written : null;
      return total === null || total <= 0 ? null : written + (100 * measured) / total;
    },
  };
};
