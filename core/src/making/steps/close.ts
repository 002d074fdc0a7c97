import type { ContainerKind } from '../../catalog';
import type { StepKind } from './stepKind';

export interface CloseStep {
  readonly id: string;
  readonly kind: 'close';
  readonly containers: number;
  readonly of: ContainerKind;
}

/** Containers that were filled one by one are closed and mixed. */
export const close: StepKind<CloseStep> = {
  kind: 'close',
  plan: ({ blend: { count, formula } }) => [
    { id: 'close', kind: 'close', containers: count, of: formula.container.kind },
  ],
};
