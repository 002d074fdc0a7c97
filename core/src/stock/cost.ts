import type { Bottle } from './bottle';

/** What was taken of a material, and the bottle that it came from. */
export interface Priced {
  readonly materialId: string;
  /** In the unit of the bottle. */
  readonly amount: number;
  /** Null where it came out of no bottle of the shelf. */
  readonly bottle: Pick<Bottle, 'price' | 'size' | 'unit'> | null;
}

/** One material of a batch with its cost; null where its price is not known. */
interface CostLine {
  readonly materialId: string;
  readonly cost: number | null;
}

/** What a batch cost, in the maker's own money. */
export interface Cost {
  readonly lines: readonly CostLine[];
  /** The sum of what is known. */
  readonly known: number;
  /** Materials of which the price is not known: the sum is at least so much. */
  readonly unknown: readonly string[];
}

/** What so much of a bottle cost: its share of what the whole bottle did. */
const costOf = ({ amount, bottle }: Priced): number | null =>
  bottle === null || bottle.price === null ? null : (bottle.price * amount) / bottle.size;

/** What was taken, priced, each material once; one of which a part is not known is not known. */
export const costsOf = (taken: readonly Priced[]): Cost => {
  const byMaterial = new Map<string, number | null>();
  for (const priced of taken) {
    const before = byMaterial.get(priced.materialId);
    const cost = costOf(priced);
    byMaterial.set(
      priced.materialId,
      before === null || cost === null ? null : (before ?? 0) + cost,
    );
  }
  const lines = [...byMaterial].map(([materialId, cost]) => ({ materialId, cost }));
  return {
    lines,
    known: lines.reduce((total, { cost }) => total + (cost ?? 0), 0),
    unknown: lines.filter(({ cost }) => cost === null).map(({ materialId }) => materialId),
  };
};

/**
 * What is asked for a piece, so that of each price so much stays: cost over what is left of one.
 *
 * @param marginPercent of the price, 0 or more and below 100
 */
export const priceAtMargin = (cost: number, marginPercent: number): number =>
  cost / (1 - marginPercent / 100);
