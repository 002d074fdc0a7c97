import { idsOf } from '../plan';
import type { StepKind } from './stepKind';

export interface StirInStep {
  readonly id: string;
  readonly kind: 'stir-in';
  readonly baseIds: readonly string[];
}

/** The oils go into the melt, with what heat would harm. */
export const stirIn: StepKind<StirInStep> = {
  kind: 'stir-in',
  plan: ({ texture, late }) =>
    texture === null ? [] : [{ id: 'stir-in', kind: 'stir-in', baseIds: idsOf(late) }],
};
