import type { ContainerKind } from '../../catalog';
import type { StepKind } from './stepKind';

export interface SetStep {
  readonly id: string;
  readonly kind: 'set';
  readonly kinds: readonly ContainerKind[];
}

/** A melt is left to set. */
export const set: StepKind<SetStep> = {
  kind: 'set',
  plan: ({ isHot, lines }) =>
    isHot ? [{ id: 'set', kind: 'set', kinds: [...new Set(lines.map(({ of }) => of))] }] : [],
};
