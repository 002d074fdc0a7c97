import type { Mixture } from '../mixture';
import type { ShelvedBottle } from './ledger';

/** A material as it must be on the table, and the bottle that it comes from. */
export interface OnTheTable {
  readonly materialId: string;
  /** For one container, or for the whole of what is mixed in one. */
  readonly each: { readonly drops: number | null; readonly ml: number; readonly g: number };
  /** Of how many containers. */
  readonly count: number;
  /** The bottle that is in use; null where none is open. */
  readonly from: {
    readonly lot: string;
    readonly unit: 'ml' | 'g';
    readonly left: number;
    readonly past: boolean;
    /** For how many of the containers it is enough, from 0 to their count. */
    readonly enoughFor: number;
  } | null;
  /** A bottle that is closed and is enough for all; null where there is none. */
  readonly closed: { readonly lot: string } | null;
}

/** What the house has of a material that is in use. */
export interface InUse {
  readonly id: string | null;
  readonly bottle: { readonly past: boolean };
}

/** Of so little nothing is wanting: a hundredth of a drop. */
const hair = 1e-6;

/**
 * All that goes into a batch, oils first, with where it comes from.
 *
 * @param mixture of one container, or of the whole
 * @param count of how many containers the mixture is each
 * @param openBottle the bottle of a material that is in use
 */
export const onTheTable = (
  mixture: Mixture,
  count: number,
  bottles: readonly { readonly id: string; readonly bottle: ShelvedBottle }[],
  openBottle: (materialId: string) => InUse | undefined,
): readonly OnTheTable[] => {
  const needed = [
    ...mixture.oils.map(({ oil, ml, g, drops }) => ({
      materialId: oil.id,
      each: { drops, ml: ml.likely, g: g.likely },
    })),
    ...mixture.bases.map(({ base, ml, g }) => ({
      materialId: base.id,
      each: { drops: null, ml: ml.likely, g: g.likely },
    })),
  ].filter(({ each }) => each.ml > 0);
  return needed.map(({ materialId, each }) => {
    const shelved = bottles.filter(
      ({ bottle }) => bottle.materialId === materialId && bottle.finishedOn === null,
    );
    const inUse = openBottle(materialId);
    const found = shelved.find(({ id }) => id === inUse?.id)?.bottle;
    const holds = ({ left, unit }: ShelvedBottle): number =>
      Math.floor((left + hair) / (unit === 'ml' ? each.ml : each.g));
    const closed = shelved.find(
      ({ bottle }) => bottle.openedOn === null && holds(bottle) >= count,
    )?.bottle;
    return {
      materialId,
      each,
      count,
      from: found
        ? {
            lot: found.lot,
            unit: found.unit,
            left: found.left,
            past: inUse?.bottle.past ?? false,
            enoughFor: Math.min(count, holds(found)),
          }
        : null,
      closed: closed ? { lot: closed.lot } : null,
    };
  });
};
