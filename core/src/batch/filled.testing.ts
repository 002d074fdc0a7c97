import { evaluate, type Blend } from '../drops';
import { stepsOf, type BenchEvent } from '../making';
import { done } from '../making/events.testing';
import { madeOf, type Made } from './made';

/** The events with everything else done in the containers that something was counted into. */
export const filled = (blend: Blend, events: readonly BenchEvent[]): BenchEvent[] => {
  const begun = new Set(
    events.flatMap((event) => (event.kind === 'drop' ? [event.container] : [])),
  );
  return [
    ...events,
    ...stepsOf(blend, evaluate(blend).mixture).flatMap((step) =>
      ['count', 'measure', 'top-up', 'weigh'].includes(step.kind) &&
      begun.has('container' in step ? step.container : 0)
        ? [done(step.id)]
        : [],
    ),
  ];
};

/** What a batch comes to when its containers are filled to their lines. */
export const madeFilled = (blend: Blend, events: readonly BenchEvent[]): Made =>
  madeOf(blend, filled(blend, events));
