import { preDiluteStepId, type BenchEvent } from '../making';
import { densityOf, preDilutionNeed, type Mixture } from '../mixture';
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

const undoneBottle = (event: BenchEvent, log: readonly BenchEvent[]): string | null => {
  const undone = event.kind === 'take-back' && event.undoes ? log[event.undoes - 1] : undefined;
  return undone?.kind === 'drop' ? undone.bottleId : null;
};

/** What one event put in out of a bottle, in drops of the usual size; less where it was taken back. */
const pouring = (
  event: BenchEvent,
  dropsPerMl: number,
  log: readonly BenchEvent[],
): { readonly id: string; readonly bottleId: string | null; readonly drops: number } | null => {
  switch (event.kind) {
    case 'drop':
    case 'take-back':
      return {
        id: event.ingredient,
        // What is taken back goes back into the bottle that it came out of.
        bottleId: undoneBottle(event, log) ?? event.bottleId,
        drops: event.kind === 'drop' ? event.drops : -event.drops,
      };
    case 'something-else':
    case 'amended': {
      const { ingredient: id, bottleId, amount } = event;
      if (id === null || amount === null) return null;
      // Of the same material out of two bottles it decides the shares alone, never the sum.
      const drops = amount.unit === 'drops' ? amount.value : amount.value * dropsPerMl;
      return { id, bottleId, drops };
    }
    default:
      return null;
  }
};

/** Of each material how many drops, or pourings, came out of which bottle. */
const sharesOf = (
  events: readonly BenchEvent[],
  dropsPerMl: number,
  bottles: Readonly<Record<string, { readonly id: string }>>,
): ReadonlyMap<string, Map<string | null, number>> => {
  const shares = new Map<string, Map<string | null, number>>();
  for (const event of events) {
    if (event.kind === 'corrected' && event.bottleId !== undefined) {
      // It all came out of another bottle than was written down.
      shares.set(event.ingredient, new Map([[event.bottleId, 1]]));
      continue;
    }
    const poured = pouring(event, dropsPerMl, events);
    if (!poured) continue;
    const of = shares.get(poured.id) ?? new Map<string | null, number>();
    const bottleId = poured.bottleId ?? bottles[poured.id]?.id ?? null;
    of.set(bottleId, (of.get(bottleId) ?? 0) + poured.drops);
    shares.set(poured.id, of);
  }
  return shares;
};

/** In place of each pre-dilution what it was mixed from, whole: what is left of it is gone too. */
const unmixed = (
  { blend, planned, tally }: Made,
  total: Map<string, { ml: number; g: number }>,
) => {
  for (const mixed of blend.preDilutions ?? []) {
    const poured = total.get(mixed.id)?.ml ?? 0;
    total.delete(mixed.id);
    const stepId = preDiluteStepId(mixed.id);
    const step = planned.find(({ id }) => id === stepId);
    const wasMixed = step?.kind === 'pre-dilute' && tally.done.has(stepId);
    if (poured <= dust && !wasMixed) continue;
    const needed = preDilutionNeed(mixed, poured).times;
    const times = wasMixed ? Math.max(step.need.times, needed) : needed;
    const add = (id: string, ml: number, density: number): void => {
      const before = total.get(id) ?? { ml: 0, g: 0 };
      total.set(id, { ml: before.ml + ml, g: before.g + ml * density });
    };
    for (const { oil, ml } of mixed.oils) add(oil.id, times * ml, densityOf(oil).likely);
    add(mixed.carrier.id, times * mixed.carrierMl, mixed.carrier.densityGPerMl);
  }
};

/**
 * What a batch really took off the shelf, from what was counted and measured: what was lost, spilled
 * or thrown away with a container is gone too.
 *
 * @param events of which it was made
 * @param bottles that it was begun with, by id of the material; where drops were counted out of
 *   another, each has its share
 */
export const usageOf = (
  made: Made,
  events: readonly BenchEvent[],
  bottles: Readonly<Record<string, { readonly id: string }>>,
): readonly Taken[] => {
  // Practice takes nothing off the shelf: nothing was poured.
  if (made.tally.simulated) return [];
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
  unmixed(made, total);
  const shares = sharesOf(events, made.blend.formula.dropsPerMl, bottles);
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
