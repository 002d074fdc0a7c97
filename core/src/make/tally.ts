import type { Step } from './steps';

/** What happened at the bench. Events are only ever added, never changed. */
export type BenchEvent =
  | { readonly kind: 'drop'; readonly step: string }
  | { readonly kind: 'take-back'; readonly step: string }
  | { readonly kind: 'done'; readonly step: string }
  | { readonly kind: 'reopened'; readonly step: string };

/** Where a batch stands. */
export interface Tally {
  /** Drops that fell, by step. */
  readonly drops: ReadonlyMap<string, number>;
  readonly done: ReadonlySet<string>;
}

export const emptyTally: Tally = { drops: new Map(), done: new Set() };

/** The tally after one more event. A drop cannot be taken back from none. */
export const addEvent = (tally: Tally, event: BenchEvent): Tally => {
  const count = tally.drops.get(event.step) ?? 0;
  switch (event.kind) {
    case 'drop':
      return { ...tally, drops: new Map(tally.drops).set(event.step, count + 1) };
    case 'take-back':
      return { ...tally, drops: new Map(tally.drops).set(event.step, Math.max(0, count - 1)) };
    case 'done':
      return { ...tally, done: new Set(tally.done).add(event.step) };
    case 'reopened': {
      const done = new Set(tally.done);
      done.delete(event.step);
      return { ...tally, done };
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

/** Drops counted into each vessel, by oil. */
export const countedDrops = (
  steps: readonly Step[],
  tally: Tally,
  vessel: number,
): ReadonlyMap<string, number> =>
  new Map(
    steps.flatMap((step) =>
      step.kind === 'count' && step.vessel === vessel
        ? [[step.oilId, tally.drops.get(step.id) ?? 0] as const]
        : [],
    ),
  );
