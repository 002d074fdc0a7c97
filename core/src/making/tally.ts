import type { BenchEvent, BenchMeasure, EventOf, PastLimit, SomethingElse } from './event';
import type { Step } from './steps/registry';

/** Something that was reported of a container, and where in the log. */
type Sequenced<T> = T & { readonly seq: number };

/** Where a batch was when its carrier was poured. */
type Poured = Pick<Tally, 'seq' | 'drops' | 'done' | 'movedTo' | 'filledTo'>;

/** Where a batch is. */
export interface Tally {
  /** How many events it is made of: the number in the log of the last. */
  readonly seq: number;
  /** Drops that fell, by step. */
  readonly drops: ReadonlyMap<string, number>;
  readonly done: ReadonlySet<string>;
  /** Of carriers that were topped up, what was in when that was done: later additions add. */
  readonly poured: ReadonlyMap<string, Poured>;
  /** Drops asked for again, by step. */
  readonly wantedDrops: ReadonlyMap<string, number>;
  /** The container that a bottle was moved to, by its number. */
  readonly movedTo: ReadonlyMap<number, string>;
  /** Bottles that are filled to another line, in percent of nominal. */
  readonly filledTo: ReadonlyMap<number, number>;
  /** How often a bottle was thrown away and begun again. */
  readonly discards: ReadonlyMap<number, number>;
  /** What was passed with a reason at the bench, in the order in which it was written. */
  readonly reasons: readonly { readonly words: string; readonly over: readonly PastLimit[] }[];
  /** What went in that the recipe does not have, in the order in which it was reported. */
  readonly additions: readonly Sequenced<SomethingElse>[];
  readonly spilled: readonly Sequenced<EventOf<'spilled'>>[];
  /** What was added after the end, in the order in which it was reported. */
  readonly amended: readonly Sequenced<EventOf<'amended'>>[];
  /** What was corrected after the end, in the order in which it was reported. */
  readonly corrected: readonly Sequenced<EventOf<'corrected'>>[];
  /** How many containers were really filled; null where it is as planned, as far as anyone said. */
  readonly cameOut: EventOf<'came-out'> | null;
  /** Weights asked for again, by step, in g. */
  readonly wantedG: ReadonlyMap<string, number>;
  /** What was weighed or measured, by step. */
  readonly measured: ReadonlyMap<string, BenchMeasure>;
  readonly order: Pick<EventOf<'order'>, 'first' | 'rounds'>;
  /** Steps that are left for later, in the order in which they were. */
  readonly later: readonly string[];
  readonly smelled: readonly Pick<EventOf<'smelled'>, 'when' | 'words'>[];
  readonly temperatures: readonly Sequenced<EventOf<'temperature'>>[];
  /** True where something was reported by a simulated device: it was practice. */
  readonly simulated: boolean;
  /** Clocks that no one has turned off, in the order in which they were started. */
  readonly timers: readonly EventOf<'timer'>[];
}

export const emptyTally: Tally = {
  seq: 0,
  drops: new Map(),
  done: new Set(),
  poured: new Map(),
  wantedDrops: new Map(),
  movedTo: new Map(),
  filledTo: new Map(),
  discards: new Map(),
  reasons: [],
  additions: [],
  spilled: [],
  amended: [],
  corrected: [],
  cameOut: null,
  wantedG: new Map(),
  measured: new Map(),
  order: { first: 'oils', rounds: false },
  later: [],
  smelled: [],
  temperatures: [],
  timers: [],
  simulated: false,
};

const without = <K, V>(map: ReadonlyMap<K, V>, gone: (key: K) => boolean): Map<K, V> =>
  new Map([...map].filter(([key]) => !gone(key)));

/** Steps of one bottle have its number in their id: `count/0/lavender`, `top-up/0`. */
const isOf = (container: number) => (step: string) => step.split('/')[1] === String(container);

const isTopUp = (step: string): boolean => step.startsWith('top-up/');

const after = (tally: Tally, event: BenchEvent, seq: number): Tally => {
  switch (event.kind) {
    case 'drop':
    case 'take-back': {
      const count =
        (tally.drops.get(event.step) ?? 0) + (event.kind === 'drop' ? event.drops : -event.drops);
      return { ...tally, drops: new Map(tally.drops).set(event.step, Math.max(0, count)) };
    }
    case 'done': {
      const { drops, done, movedTo, filledTo } = tally;
      const poured = isTopUp(event.step)
        ? new Map(tally.poured).set(event.step, { seq, drops, done, movedTo, filledTo })
        : tally.poured;
      return { ...tally, done: new Set(done).add(event.step), poured };
    }
    case 'reopened':
      return {
        ...tally,
        done: new Set([...tally.done].filter((step) => step !== event.step)),
        poured: without(tally.poured, (step) => step === event.step),
      };
    case 'asked':
      return { ...tally, wantedDrops: new Map(tally.wantedDrops).set(event.step, event.drops) };
    case 'asked-g':
      return { ...tally, wantedG: new Map(tally.wantedG).set(event.step, event.g) };
    case 'measured':
      return { ...tally, measured: new Map(tally.measured).set(event.step, event.amount) };
    case 'order':
      return { ...tally, order: { first: event.first, rounds: event.rounds } };
    case 'later':
      return {
        ...tally,
        later: [...tally.later.filter((step) => step !== event.step), event.step],
      };
    case 'smelled':
      return {
        ...tally,
        smelled: [
          ...tally.smelled.filter(({ when }) => when !== event.when),
          ...(event.words.trim() === '' ? [] : [{ when: event.when, words: event.words }]),
        ],
      };
    case 'temperature':
      return { ...tally, temperatures: [...tally.temperatures, { ...event, seq }] };
    case 'timer':
      return {
        ...tally,
        timers: [...tally.timers.filter(({ timerId }) => timerId !== event.timerId), event],
      };
    case 'timer-off':
      return {
        ...tally,
        timers: tally.timers.filter(({ timerId }) => timerId !== event.timerId),
      };
    case 'moved':
      return {
        ...tally,
        movedTo: new Map(tally.movedTo).set(event.container, event.containerId),
        filledTo: without(tally.filledTo, (container) => container === event.container),
      };
    case 'filled':
      return { ...tally, filledTo: new Map(tally.filledTo).set(event.container, event.percent) };
    case 'reason':
      return {
        ...tally,
        reasons: [...tally.reasons, { words: event.words, over: event.over }],
      };
    case 'something-else':
      return { ...tally, additions: [...tally.additions, { ...event, seq }] };
    case 'spilled':
      return { ...tally, spilled: [...tally.spilled, { ...event, seq }] };
    case 'amended':
      return { ...tally, amended: [...tally.amended, { ...event, seq }] };
    case 'came-out':
      return { ...tally, cameOut: event };
    case 'corrected': {
      const { amount } = event;
      return {
        ...tally,
        corrected: [...tally.corrected, { ...event, seq }],
        ...(amount?.unit === 'drops'
          ? { drops: new Map(tally.drops).set(event.step, amount.value) }
          : amount
            ? { measured: new Map(tally.measured).set(event.step, amount) }
            : {}),
      };
    }
    case 'struck': {
      const stays = (entry: { readonly seq: number }): boolean => entry.seq !== event.undoes;
      return {
        ...tally,
        additions: tally.additions.filter(stays),
        spilled: tally.spilled.filter(stays),
        amended: tally.amended.filter(stays),
        temperatures: tally.temperatures.filter(stays),
      };
    }
    case 'discarded': {
      const gone = isOf(event.container);
      return {
        ...tally,
        drops: without(tally.drops, gone),
        done: new Set([...tally.done].filter((step) => !gone(step))),
        wantedDrops: without(tally.wantedDrops, gone),
        wantedG: without(tally.wantedG, gone),
        measured: without(tally.measured, gone),
        poured: without(tally.poured, gone),
        later: tally.later.filter((step) => !gone(step)),
        movedTo: without(tally.movedTo, (container) => container === event.container),
        filledTo: without(tally.filledTo, (container) => container === event.container),
        additions: tally.additions.filter(({ container }) => container !== event.container),
        spilled: tally.spilled.filter(({ container }) => container !== event.container),
        amended: tally.amended.filter(({ container }) => container !== event.container),
        corrected: tally.corrected.filter(({ container }) => container !== event.container),
        cameOut: null,
        discards: new Map(tally.discards).set(
          event.container,
          (tally.discards.get(event.container) ?? 0) + 1,
        ),
      };
    }
  }
};

/** The tally after one more event. A drop cannot be taken back from none. */
export const addEvent = (tally: Tally, event: BenchEvent): Tally => {
  const seq = tally.seq + 1;
  const simulated = tally.simulated || ('source' in event && event.source === 'simulated');
  return { ...after(tally, event, seq), seq, simulated };
};

/** All events of a batch from its first, folded. */
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
