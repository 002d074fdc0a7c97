import type { BenchEvent, EventOf, Source } from './event';
import type { CountStep } from './steps/count';

/** What is known of a press beside the step at which it was made. */
export interface Press {
  readonly source: Source;
  /** The bottle of the shelf that a drop comes from; null where that is not known. */
  readonly bottleId: string | null;
}

const poured = ({ id, container, oilId }: CountStep, { source, bottleId }: Press) =>
  ({ step: id, container, ingredient: oilId, bottleId, source, drops: 1 }) as const;

/** One drop that fell. */
export const dropAt = (step: CountStep, press: Press): EventOf<'drop'> => ({
  kind: 'drop',
  ...poured(step, press),
});

/** One drop that was counted and did not fall; what it undoes is known once it is in the log. */
export const takeBackAt = (step: CountStep, press: Press): BenchEvent => ({
  kind: 'take-back',
  ...poured(step, press),
  undoes: null,
});

export const doneAt = (step: string, source: Source): BenchEvent => ({
  kind: 'done',
  step,
  source,
});

/** A step that was done is open again. */
export const reopenedAt = (step: string, source: Source): BenchEvent => ({
  kind: 'reopened',
  step,
  source,
  undoes: null,
});
