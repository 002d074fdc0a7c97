import type { Plan } from '../plan';

/** What a step has whatever its kind. Its id stays the same for the life of a batch. */
interface AnyStep {
  readonly id: string;
  readonly kind: string;
}

/** One kind of step: when it is done, and what goes in. */
export interface StepKind<S extends AnyStep> {
  readonly kind: S['kind'];
  /** What goes in with it, where something does. */
  readonly puts?: 'oil' | 'base';
  /** The steps of this kind in a batch; none where it is not needed. */
  readonly plan: (plan: Plan) => readonly S[];
}
