/** A size in which something is sold. */
export interface Size {
  /** In the unit that is bought. */
  readonly amount: number;
  /** In the maker’s own money; null where no one has said. */
  readonly price: number | null;
}

/** So many of one size. */
export interface Bought<S extends Size = Size> {
  readonly size: S;
  readonly count: number;
}

/** Two amounts or prices that differ by less than this are the same. */
const same = 1e-9;

/** More of one size than this is no purchase. */
const mostOfOne = 100_000;

/** So many choices are looked at: sizes that a shop has come to far fewer. */
const mostLooked = 200_000;

interface Choice {
  readonly counts: readonly number[];
  readonly cost: number;
  readonly over: number;
  readonly bottles: number;
}

const isBetter = (a: Choice, b: Choice | null): boolean => {
  if (!b || a.cost < b.cost - same) return true;
  if (a.cost > b.cost + same) return false;
  if (a.over < b.over - same) return true;
  return a.over <= b.over + same && a.bottles < b.bottles;
};

/**
 * The cheapest set of sizes that covers what is short; of equally cheap ones that with the least left
 * over, then the fewest bottles. Where the price of a size is not known the least left over counts
 * alone. A full search that leaves out what cannot be better: of what is still short no size is
 * cheaper than the best price per amount of the sizes that are left.
 *
 * @param short above 0; @param sizes at least one, each of an amount above 0
 */
export const cheapest = <S extends Size>(
  short: number,
  sizes: readonly S[],
): readonly Bought<S>[] => {
  const isPriced = sizes.every(({ price }) => price !== null);
  const priceOf = (size: S): number => (isPriced ? (size.price ?? 0) : 0);
  const perAmount = (size: S): number => priceOf(size) / size.amount;
  const inTurn = [...sizes]
    .filter(({ amount }) => short / amount <= mostOfOne)
    .sort((a, b) => perAmount(a) - perAmount(b) || b.amount - a.amount);
  if (inTurn.length === 0) {
    const largest = [...sizes].sort((a, b) => b.amount - a.amount)[0];
    return largest ? [{ size: largest, count: Math.ceil(short / largest.amount - same) }] : [];
  }
  let best: Choice | null = null;
  // What was tried with so much still short: the same at no less cost is not tried again.
  const tried = new Map<string, number>();
  let looked = 0;
  const take = (n: number, left: number, counts: readonly number[], cost: number): void => {
    looked += 1;
    if (looked > mostLooked && best) return;
    const bottles = counts.reduce((total, count) => total + count, 0);
    if (left <= same) {
      const choice = { counts, cost, over: Math.max(0, -left), bottles };
      if (isBetter(choice, best)) best = choice;
      return;
    }
    const size = inTurn[n];
    if (!size) return;
    const least = cost + left * perAmount(size);
    if (best && least > best.cost + same) return;
    if (best && least > best.cost - same && best.over <= same && bottles >= best.bottles) return;
    const key = `${n}/${left.toFixed(6)}`;
    const before = tried.get(key);
    const rank = cost + bottles * same;
    if (before !== undefined && before <= rank + same / 2) return;
    tried.set(key, rank);
    for (let count = Math.ceil(left / size.amount - same); count >= 0; count -= 1) {
      take(n + 1, left - count * size.amount, [...counts, count], cost + count * priceOf(size));
    }
  };
  take(0, short, [], 0);
  const found = best as Choice | null;
  return inTurn.flatMap((size, n) => {
    const count = found?.counts[n] ?? 0;
    return count > 0 ? [{ size, count }] : [];
  });
};
