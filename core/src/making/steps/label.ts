import { containersOf } from '../plan';
import type { StepKind } from './stepKind';

export interface LabelStep {
  readonly id: string;
  readonly kind: 'label';
  readonly containers: number;
}

/** A container without a name is a container lost. */
export const label: StepKind<LabelStep> = {
  kind: 'label',
  plan: (plan) => [{ id: 'label', kind: 'label', containers: containersOf(plan) }],
};
