import type { BenchEvent } from '../making';
import type { Mixture } from '../mixture';
import { madeOf, type Made } from './made';

/** What a batch took of one material out of one bottle. */
export interface Taken {
  readonly materialId: string;
  /** Null where it came out of no bottle of the shelf. */
  readonly bottleId: string | null;
  readonly ml: number;
  readonly g: number;
}

/** No more than this is the dust of floating point, in ml. */
const dust = 1e-9;

/** Everything that went into a batch: what is in its containers, and what was thrown away with one. */
const mixturesOf = (
  { blend, containers }: Made,
  events: readonly BenchEvent[],
): readonly Mixture[] => {
  const thrownAway = events.flatMap((event, at): Mixture[] => {
    if (event.kind !== 'discarded') return [];
    const before = madeOf(blend, events.slice(0, at)).containers;
    const gone = before.find(({ number }) => number === event.container);
    return gone && !gone.isEmpty ? [gone.evaluation.mixture] : [];
  });
  const kept = containers.flatMap(({ isEmpty, evaluation }) =>
    isEmpty ? [] : [evaluation.mixture],
  );
  return [...thrownAway, ...kept];
};

/** Of each material how many drops, or pourings, came out of which bottle. */
const sharesOf = (events: readonly BenchEvent[]): ReadonlyMap<string, Map<string, number>> => {
  const shares = new Map<string, Map<string, number>>();
  for (const event of events) {
    if (event.kind !== 'drop' && event.kind !== 'take-back') continue;
    if (event.bottleId === null) continue;
    const of = shares.get(event.ingredient) ?? new Map<string, number>();
    const before = of.get(event.bottleId) ?? 0;
    of.set(event.bottleId, before + (event.kind === 'drop' ? event.drops : -event.drops));
    shares.set(event.ingredient, of);
  }
  return shares;
};

/**
 * What a batch really took off the shelf, from what was counted and measured: what was lost, spilled
 * or thrown away with a container is gone too.
 *
 * @param events of which it was made
 * @param bottles that it was begun with, by id of the material; where drops were counted out of
 *   another, each has its share
 */
export const takenBy = (
  made: Made,
  events: readonly BenchEvent[],
  bottles: Readonly<Record<string, { readonly id: string }>>,
): readonly Taken[] => {
  const total = new Map<string, { ml: number; g: number }>();
  for (const { oils, bases } of mixturesOf(made, events)) {
    const all = [
      ...oils.map(({ oil, ml, g }) => ({ id: oil.id, ml, g })),
      ...bases.map(({ base, ml, g }) => ({ id: base.id, ml, g })),
    ];
    for (const { id, ml, g } of all) {
      const before = total.get(id) ?? { ml: 0, g: 0 };
      total.set(id, { ml: before.ml + ml.likely, g: before.g + g.likely });
    }
  }
  const shares = sharesOf(events);
  return [...total].flatMap(([materialId, { ml, g }]): Taken[] => {
    if (ml <= dust) return [];
    const counted = [...(shares.get(materialId) ?? [])].filter(([, drops]) => drops > 0);
    const all = counted.reduce((sum, [, drops]) => sum + drops, 0);
    if (all === 0) return [{ materialId, bottleId: bottles[materialId]?.id ?? null, ml, g }];
    return counted.map(([bottleId, drops]) => ({
      materialId,
      bottleId,
      ml: (ml * drops) / all,
      g: (g * drops) / all,
    }));
  });
};
