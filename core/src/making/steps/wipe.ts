import type { ContainerKind } from '../../catalog';
import type { StepKind } from './stepKind';

export interface WipeStep {
  readonly id: string;
  readonly kind: 'wipe';
  readonly containers: number;
  /** Kind of the containers: `roll-on`. */
  readonly of: ContainerKind;
}

/** Containers are clean and dry before anything goes in. */
export const wipe: StepKind<WipeStep> = {
  kind: 'wipe',
  plan: ({ blend: { count, formula } }) => [
    { id: 'wipe', kind: 'wipe', containers: count, of: formula.container.kind },
  ],
};
