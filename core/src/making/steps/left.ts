import type { StepKind } from './stepKind';

export interface LeftStep {
  readonly id: string;
  readonly kind: 'left';
  readonly ml: number;
  readonly g: number;
}

/** What no container of the batch takes. */
export const left: StepKind<LeftStep> = {
  kind: 'left',
  plan: ({ parted: { leftMl, leftG, toPourMl } }) =>
    leftMl > toPourMl / 1000 ? [{ id: 'left', kind: 'left', ml: leftMl, g: leftG }] : [],
};
