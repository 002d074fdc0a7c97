import { unique, type Day } from '../quantity';
import { cheapest } from './cheapest';

/** In what a row of the shelf or of a shop is. */
interface Measured {
  readonly unit: 'ml' | 'g';
  readonly amount: number;
}

/** A bottle on the shelf. */
export interface ShelfRow extends Measured {
  readonly id: string;
  readonly material: string;
  readonly opened: Day | null;
  readonly bestBefore: Day | null;
  /** What it cost when it was full, and how much that was, in its unit; null where not known. */
  readonly price: number | null;
  readonly size: number | null;
  readonly dropMl: number | null;
}

/** A size in which a material is sold. */
export interface SoldSize extends Measured {
  readonly price: number | null;
}

/** What all batches need of a material. */
export interface Need {
  readonly id: string;
  /** Null where not all of it is counted. */
  readonly drops: number | null;
  readonly ml: number;
  readonly g: number;
}

/** Where what is needed of a material comes from. */
export interface Supply extends Need {
  readonly fromShelf: readonly { readonly row: ShelfRow; readonly amount: number }[];
  readonly buy: readonly { readonly size: SoldSize; readonly count: number }[];
  /** What is left over of what is bought; null where nothing is. */
  readonly over: Measured | null;
  /** Short, in ml, of what no one sells; 0 where nothing is. */
  readonly nowhereMl: number;
  /** What is bought costs so much; null where a price is not known. */
  readonly buyCost: number | null;
  /** What goes into the pieces costs so much; null where a price is not known. */
  readonly usedCost: number | null;
  /** Bottles of it that are past their date by then. */
  readonly past: readonly ShelfRow[];
}

/** Amounts in ml that differ by less than this are the same. */
const nothing = 1e-9;

const ofNeed = (need: Need, { unit }: Measured): number => (unit === 'ml' ? need.ml : need.g);

/** What a row comes to of what is needed: 1 is all of it. */
const shareOf = (need: Need, row: Measured): number => row.amount / ofNeed(need, row);

/**
 * Bottles in the order in which they are used: open ones first, then the sooner date, then the
 * smaller rest. One whose date is before the day on which all is to be ready is not used.
 */
export const shelfInTurn = (rows: readonly ShelfRow[], readyOn: Day): readonly ShelfRow[] => {
  const rank = ({ opened }: ShelfRow): number => (opened === null ? 1 : 0);
  return rows
    .filter(({ bestBefore, amount }) => amount > 0 && (bestBefore ?? readyOn) >= readyOn)
    .sort(
      (a, b) =>
        rank(a) - rank(b) ||
        (a.bestBefore ?? '9999').localeCompare(b.bestBefore ?? '9999') ||
        a.amount - b.amount ||
        a.id.localeCompare(b.id),
    );
};

/** What so much of a bottle cost; null where that is not known. */
const costFromShelf = ({ row, amount }: Supply['fromShelf'][number]): number | null =>
  row.price === null || row.size === null ? null : (row.price * amount) / row.size;

/** A sum of costs; null where one of them is not known. */
export const sumOf = (costs: readonly (number | null)[]): number | null =>
  costs.reduce<number | null>(
    (total, cost) => (total === null || cost === null ? null : total + cost),
    0,
  );

/** From which bottles a material comes, and what has to be bought. */
export const supplyOf = (
  need: Need,
  rows: readonly ShelfRow[],
  sizes: readonly SoldSize[],
  readyOn: Day,
): Supply => {
  let share = 1;
  const fromShelf: { row: ShelfRow; amount: number }[] = [];
  for (const row of shelfInTurn(rows, readyOn)) {
    if (share * need.ml <= nothing) break;
    const all = shareOf(need, row);
    const amount = all <= share ? row.amount : share * ofNeed(need, row);
    fromShelf.push({ row, amount });
    share = Math.max(0, share - all);
  }
  const isShort = share * need.ml > nothing;
  const sold = sizes.filter(({ amount }) => amount > 0);
  const buy =
    isShort && sold.length > 0
      ? cheapest(
          1,
          sold.map((size) => ({ size, amount: shareOf(need, size) / share, price: size.price })),
        ).map(({ size: { size }, count }) => ({ size, count }))
      : [];
  const bought = buy.reduce((total, { size, count }) => total + count * shareOf(need, size), 0);
  const unit = buy[0]?.size.unit ?? 'ml';
  const buyCost = sumOf(
    buy.map(({ size, count }) => (size.price === null ? null : size.price * count)),
  );
  const isNowhere = isShort && buy.length === 0;
  const usedOfBought =
    isNowhere || buyCost === null ? null : isShort ? (buyCost * share) / bought : 0;
  return {
    ...need,
    fromShelf,
    buy,
    over:
      buy.length === 0
        ? null
        : { unit, amount: Math.max(0, bought - share) * (unit === 'ml' ? need.ml : need.g) },
    nowhereMl: isNowhere ? share * need.ml : 0,
    buyCost: isNowhere ? null : buyCost,
    usedCost: sumOf([...fromShelf.map(costFromShelf), usedOfBought]),
    past: isShort
      ? rows.filter(({ bestBefore }) => bestBefore !== null && bestBefore < readyOn)
      : [],
  };
};

/** Needs of several batches as one for each material, in the order in which they are first named. */
export const inAll = (needs: readonly Need[]): readonly Need[] =>
  unique(needs.map(({ id }) => id)).map((id) => {
    const own = needs.filter((need) => need.id === id);
    return {
      id,
      drops: own.reduce<number | null>(
        (total, { drops }) => (total === null || drops === null ? null : total + drops),
        0,
      ),
      ml: own.reduce((total, { ml }) => total + ml, 0),
      g: own.reduce((total, { g }) => total + g, 0),
    };
  });
