import {
  addEvent,
  canWait,
  currentStep,
  gateAtStop,
  gateOf,
  inOrder,
  mayCount,
  stepBefore,
  dropAt,
  doneAt,
  reopenedAt,
  takeBackAt,
  tallyOf,
  type BenchEvent,
  type Gate,
  type Source,
  type Step,
  type Tally,
} from '@jubbet/core/making';
import type { Blend } from '@jubbet/core/drops';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { errorText, type ErrorText } from '../../parts/errorText';
import { underWay } from '../../parts/underWay';
import { batches } from '../../store/batches';

/** What the maker can do at the bench. */
export type Intent = 'drop' | 'take-back' | 'go-on' | 'step-back' | 'later';

/** What is made at this bench, and what was written before it was begun. */
interface Bench {
  readonly blend: Blend;
  readonly planned: readonly Step[];
  readonly reason: string;
  /** The bottle of the shelf that a material comes from; null where that is not known. */
  readonly bottleOf: (materialId: string) => string | null;
}

/** Writes down what was chosen; worked out from where the batch is by then, where that matters. */
export type Choose = (
  events: readonly BenchEvent[] | ((tally: Tally) => readonly BenchEvent[]),
) => void;

/** The gate of each tally, worked out once. */
const gatesOf = (
  { blend, planned, reason }: Bench,
  of: typeof gateOf,
): ((tally: Tally) => Gate) => {
  const known = new WeakMap<Tally, Gate>();
  return (tally) => {
    const gate = known.get(tally) ?? of(blend, planned, tally, reason);
    known.set(tally, gate);
    return gate;
  };
};

const eventFor = (
  intent: Intent,
  source: Source,
  { planned, bottleOf }: Bench,
  stopAt: (tally: Tally) => Gate,
  tally: Tally,
): BenchEvent | null => {
  const steps = inOrder(planned, tally);
  const step = currentStep(steps, tally);
  switch (intent) {
    case 'drop':
      return step?.kind === 'count' && mayCount(tally)
        ? dropAt(step, { source, bottleId: bottleOf(step.oilId) })
        : null;
    case 'take-back':
      return step?.kind === 'count' && (tally.drops.get(step.id) ?? 0) > 0
        ? takeBackAt(step, { source, bottleId: bottleOf(step.oilId) })
        : null;
    case 'go-on':
      return step && stopAt(tally).state === 'open' ? doneAt(step.id, source) : null;
    case 'later':
      return step && canWait(steps, tally, step) ? { kind: 'later', step: step.id } : null;
    case 'step-back': {
      const before = stepBefore(steps, tally);
      return before ? reopenedAt(before.id, source) : null;
    }
  }
};

/**
 * The tally of a batch and its gate. Presses are taken in turn: each means the step that the one
 * before it led to, is written to the disk, and only then shown.
 *
 * @param stored events as the store has them; null while they are being read
 * @param onFinished called when the last step is done, and the log says so
 * @param onCounted called when events of this page are on the disk
 */
export const useBench = (
  batchId: string,
  bench: Bench,
  stored: readonly BenchEvent[] | null,
  onFinished: () => void,
  onCounted: (events: readonly BenchEvent[], tally: Tally) => void = () => undefined,
) => {
  const [tally, setTally] = useState<Tally | null>(null);
  const [failure, setFailure] = useState<ErrorText | null>(null);
  const fail = useCallback((error: unknown): void => setFailure(errorText(error)), []);
  const latest = useRef<Tally | null>(null);
  const queue = useRef<Promise<void>>(Promise.resolve());
  const waiting = useRef(0);
  const finished = useRef(onFinished);
  const counted = useRef(onCounted);
  useEffect(() => {
    finished.current = onFinished;
    counted.current = onCounted;
  });

  useEffect(() => {
    // Another tab may count too; while presses of ours wait, theirs come later.
    if (stored === null || waiting.current > 0) return;
    // The log only grows: what was read before our last press is older than what is shown.
    if (latest.current !== null && stored.length < latest.current.seq) return;
    latest.current = tallyOf(stored);
    setTally(latest.current);
  }, [stored]);

  const take = useCallback(
    (eventsFrom: (tally: Tally) => readonly BenchEvent[]): Promise<void> => {
      waiting.current += 1;
      queue.current = queue.current.then(async () => {
        try {
          const before = latest.current;
          const events = before ? eventsFrom(before) : [];
          if (!before || events.length === 0) return;
          const isFinished = await underWay(() => batches.record(batchId, events));
          latest.current = events.reduce(addEvent, before);
          setTally(latest.current);
          counted.current(events, latest.current);
          setFailure(null);
          if (isFinished) finished.current();
        } catch (error) {
          fail(error);
        } finally {
          waiting.current -= 1;
        }
      });
      return queue.current;
    },
    [batchId, fail],
  );
  const gateAt = useMemo(() => gatesOf(bench, gateOf), [bench]);
  const stopAt = useMemo(() => gatesOf(bench, gateAtStop), [bench]);
  const act = useCallback(
    (intent: Intent, source: Source): void => {
      void take((now) => {
        const event = eventFor(intent, source, bench, stopAt, now);
        return event ? [event] : [];
      });
    },
    [bench, stopAt, take],
  );
  const choose = useCallback<Choose>(
    (events) => void take(typeof events === 'function' ? events : () => events),
    [take],
  );
  return {
    tally,
    /** When the rest goes in as asked. */
    gate: tally && gateAt(tally),
    /** When the current step ends now. */
    stop: tally && stopAt(tally),
    act,
    choose,
    failure,
    setFailure: fail,
  };
};
