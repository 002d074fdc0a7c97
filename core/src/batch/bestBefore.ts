import { cautions, keepsFrom, type Base, type BottleInUse, type Oil } from '../catalog';
import type { Mixture } from '../mixture';
import { daysAfter, monthsAfter, type Day } from '../quantity';

/** No blend is kept longer than this, in months after making. */
const longestMonths = 12;

export interface BestBefore {
  readonly date: Day;
  /** Id of the material that sets the date; null where the twelve months do. */
  readonly because: string | null;
}

/** A material, and the bottle from which it comes where that is known. */
export interface Ingredient {
  readonly material: Oil | Base;
  readonly bottle?: Pick<BottleInUse, 'keepsUntil'> | undefined;
}

/** Water without a preservative spoils within days, whatever it keeps in its own bottle. */
const holdsWater = (material: Oil | Base): boolean =>
  'kind' in material && material.kind === 'aqueous';

const ownDate = (madeOn: Day, { material, bottle }: Ingredient, isPreserved: boolean): Day => {
  if (holdsWater(material) && !isPreserved) return daysAfter(madeOn, cautions.water.keepsDays);
  // What is left of a batch keeps as long as the batch did.
  if ('keepsUntil' in material && material.keepsUntil) return material.keepsUntil;
  return bottle?.keepsUntil ?? keepsFrom(madeOn, material);
};

const isPreservative = ({ material }: Ingredient): boolean =>
  'kind' in material && material.kind === 'preservative';

/**
 * The earliest of twelve months after making and every ingredient's own date: that of
 * its bottle, or where that is not known, as if it were opened on the day of making.
 */
export const bestBefore = (madeOn: Day, ingredients: readonly Ingredient[]): BestBefore =>
  ingredients.reduce<BestBefore>(
    (earliest, ingredient) => {
      const date = ownDate(madeOn, ingredient, ingredients.some(isPreservative));
      return date < earliest.date ? { date, because: ingredient.material.id } : earliest;
    },
    { date: monthsAfter(madeOn, longestMonths), because: null },
  );

const ingredientsOf = ({
  oils,
  bases,
}: {
  readonly oils: readonly { readonly oil: Oil; readonly bottle?: BottleInUse }[];
  readonly bases: readonly { readonly base: Base; readonly bottle?: BottleInUse }[];
}): Ingredient[] => [
  ...oils.map(({ oil, bottle }) => ({ material: oil, bottle })),
  ...bases.map(({ base, bottle }) => ({ material: base, bottle })),
];

/** The date of what is really in a mixture. An oil of no drops sets no date. */
export const mixtureBestBefore = (
  madeOn: Day,
  { oils, bases }: Pick<Mixture, 'oils' | 'bases'>,
): BestBefore =>
  bestBefore(madeOn, ingredientsOf({ oils: oils.filter(({ ml }) => ml.likely > 0), bases }));
