import type { RuleId } from '../limits';
import type { Step } from './steps/registry';

/**
 * What happened at the bench. Events are only ever added, never changed; `vessel` is the number
 * of a container, as it has been written since the first of them.
 */
export type BenchEvent =
  | { readonly kind: 'drop' | 'take-back' | 'done' | 'reopened'; readonly step: string }
  /** From now on another number of drops is asked for at a step. */
  | { readonly kind: 'asked'; readonly step: string; readonly drops: number }
  /** What is in this bottle goes on in a larger one of the library. */
  | { readonly kind: 'moved'; readonly vessel: number; readonly vesselId: string }
  /** This bottle is filled beyond its usual line, in percent of what it is sold as. */
  | { readonly kind: 'filled'; readonly vessel: number; readonly percent: number }
  /** What was in this bottle is thrown away, and it is begun again. */
  | { readonly kind: 'discarded'; readonly vessel: number }
  /** Why the maker goes on past limits, in their words, and which limits those are. */
  | {
      readonly kind: 'reason';
      readonly step: string;
      readonly words: string;
      readonly over: readonly PastLimit[];
    };

/** A limit that was passed with a reason, and how far. */
export interface PastLimit {
  readonly rule: RuleId;
  readonly subject: string;
  /** The likely value at that moment; null for a check without a number. */
  readonly value: number | null;
}

/** Where a batch stands. */
export interface Tally {
  /** Drops that fell, by step. */
  readonly drops: ReadonlyMap<string, number>;
  readonly done: ReadonlySet<string>;
  /** Drops asked for anew, by step. */
  readonly asked: ReadonlyMap<string, number>;
  /** The container that a bottle was moved to, by its number. */
  readonly movedTo: ReadonlyMap<number, string>;
  /** Bottles that are filled to another line, in percent of nominal. */
  readonly filledTo: ReadonlyMap<number, number>;
  /** How often a bottle was thrown away and begun again. */
  readonly discards: ReadonlyMap<number, number>;
  /** What was passed with a reason at the bench, in the order in which it was written. */
  readonly reasons: readonly { readonly words: string; readonly over: readonly PastLimit[] }[];
}

export const emptyTally: Tally = {
  drops: new Map(),
  done: new Set(),
  asked: new Map(),
  movedTo: new Map(),
  filledTo: new Map(),
  discards: new Map(),
  reasons: [],
};

const without = <K, V>(map: ReadonlyMap<K, V>, gone: (key: K) => boolean): Map<K, V> =>
  new Map([...map].filter(([key]) => !gone(key)));

/** Steps of one bottle have its number in their id: `count/0/lavender`, `top-up/0`. */
const isOf = (container: number) => (step: string) => step.split('/')[1] === String(container);

/** The tally after one more event. A drop cannot be taken back from none. */
export const addEvent = (tally: Tally, event: BenchEvent): Tally => {
  switch (event.kind) {
    case 'drop':
    case 'take-back': {
      const count = (tally.drops.get(event.step) ?? 0) + (event.kind === 'drop' ? 1 : -1);
      return { ...tally, drops: new Map(tally.drops).set(event.step, Math.max(0, count)) };
    }
    case 'done':
      return { ...tally, done: new Set(tally.done).add(event.step) };
    case 'reopened':
      return { ...tally, done: new Set([...tally.done].filter((step) => step !== event.step)) };
    case 'asked':
      return { ...tally, asked: new Map(tally.asked).set(event.step, event.drops) };
    case 'moved':
      return {
        ...tally,
        movedTo: new Map(tally.movedTo).set(event.vessel, event.vesselId),
        filledTo: without(tally.filledTo, (container) => container === event.vessel),
      };
    case 'filled':
      return { ...tally, filledTo: new Map(tally.filledTo).set(event.vessel, event.percent) };
    case 'reason':
      return {
        ...tally,
        reasons: [...tally.reasons, { words: event.words, over: event.over }],
      };
    case 'discarded': {
      const gone = isOf(event.vessel);
      return {
        ...tally,
        drops: without(tally.drops, gone),
        done: new Set([...tally.done].filter((step) => !gone(step))),
        asked: without(tally.asked, gone),
        movedTo: without(tally.movedTo, (container) => container === event.vessel),
        filledTo: without(tally.filledTo, (container) => container === event.vessel),
        discards: new Map(tally.discards).set(
          event.vessel,
          (tally.discards.get(event.vessel) ?? 0) + 1,
        ),
      };
    }
  }
};

/** All events, folded. */
export const tallyOf = (events: Iterable<BenchEvent>): Tally => {
  let tally = emptyTally;
  for (const event of events) tally = addEvent(tally, event);
  return tally;
};

/** The first step that is not done; null when all are. */
export const currentStep = (steps: readonly Step[], tally: Tally): Step | null =>
  steps.find(({ id }) => !tally.done.has(id)) ?? null;

/** The last step that is done before the current one: where "step back" leads. */
export const stepBefore = (steps: readonly Step[], tally: Tally): Step | null => {
  const current = currentStep(steps, tally);
  const before = current ? steps.slice(0, steps.indexOf(current)) : steps;
  return before.findLast(({ id }) => tally.done.has(id)) ?? null;
};

/** Drops counted into each container, by oil. */
export const countedDrops = (
  steps: readonly Step[],
  tally: Tally,
  container: number,
): ReadonlyMap<string, number> =>
  new Map(
    steps.flatMap((step) =>
      step.kind === 'count' && step.container === container
        ? [[step.oilId, tally.drops.get(step.id) ?? 0] as const]
        : [],
    ),
  );

/** Drops as they will be in a container if the rest goes in as asked. */
export const foretoldDrops = (
  steps: readonly Step[],
  tally: Tally,
  container: number,
): ReadonlyMap<string, number> =>
  new Map(
    steps.flatMap((step) => {
      if (step.kind !== 'count' || step.container !== container) return [];
      const count = tally.drops.get(step.id) ?? 0;
      return [[step.oilId, tally.done.has(step.id) ? count : Math.max(count, step.drops)] as const];
    }),
  );
