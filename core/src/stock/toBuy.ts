import { type Day, dayMs } from '../quantity';
import { type Moved, type ShelvedBottle, inForce } from './ledger';

/** The pace is taken from so many days. */
const paceDays = 90;
/** What lasts no longer than this at the usual pace is on the list, in days. */
const soonDays = 30;
/** What has no pace is on it where less than this share of a bottle is left. */
const lowShare = 0.1;

/** A bottle with what came out of it. */
export interface Kept {
  readonly id: string;
  readonly bottle: ShelvedBottle;
  readonly moved: readonly Moved[];
}

/** A material that runs out, with what was bought of it last. */
export interface ToBuy {
  readonly materialId: string;
  readonly unit: 'ml' | 'g';
  /** In all bottles that are not finished, open or not, in that unit. */
  readonly left: number;
  /** At the usual pace; null where nothing was used lately. */
  readonly days: number | null;
  /** The bottle to buy again: the one that was bought or opened last. */
  readonly last: { readonly id: string; readonly bottle: ShelvedBottle };
}

/** What batches used of a bottle in the last days before a day. */
const usedLately = ({ moved }: Kept, today: Day): number => {
  const since = new Date(Date.parse(today) - paceDays * dayMs).toISOString();
  return inForce(moved).reduce(
    (total, { at, movement }) =>
      total + (movement.kind === 'used' && at >= since ? movement.amount : 0),
    0,
  );
};

const boughtWhen = ({ bottle: { boughtOn, openedOn } }: Kept): Day => boughtOn ?? openedOn ?? '';

/** Materials that run out, the soonest first: bottles of one unit are reckoned together. */
export const toBuy = (shelf: readonly Kept[], today: Day): readonly ToBuy[] => {
  const groups = new Map<string, Kept[]>();
  for (const kept of shelf) {
    const key = `${kept.bottle.materialId}/${kept.bottle.unit}`;
    groups.set(key, [...(groups.get(key) ?? []), kept]);
  }
  return [...groups.values()]
    .flatMap((alike): ToBuy[] => {
      const [last] = [...alike].sort((a, b) => boughtWhen(b).localeCompare(boughtWhen(a)));
      if (!last) return [];
      const left = alike
        .filter(({ bottle }) => bottle.finishedOn === null)
        .reduce((total, { bottle }) => total + bottle.left, 0);
      const aDay = alike.reduce((total, kept) => total + usedLately(kept, today), 0) / paceDays;
      const days = aDay > 0 ? left / aDay : null;
      const isLow = days === null ? left < lowShare * last.bottle.size : days <= soonDays;
      const { materialId, unit } = last.bottle;
      return isLow
        ? [{ materialId, unit, left, days, last: { id: last.id, bottle: last.bottle } }]
        : [];
    })
    .sort((a, b) => (a.days ?? Infinity) - (b.days ?? Infinity) || a.left - b.left);
};
