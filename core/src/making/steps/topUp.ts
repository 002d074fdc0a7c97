import type { ContainerKind } from '../../catalog';
import type { StepKind } from './stepKind';

export interface TopUpStep {
  readonly id: string;
  readonly kind: 'top-up';
  /** Kind of the container: it says how far. */
  readonly of: ContainerKind;
  /** Number of the container, from 0. */
  readonly container: number;
  readonly ml: number;
  readonly bases: readonly { readonly id: string; readonly ml: number }[];
}

/** Carrier up to the line of each container. */
export const topUp: StepKind<TopUpStep> = {
  kind: 'top-up',
  puts: 'base',
  plan: ({ blend, mixture: { bases }, numbers }) =>
    numbers.map((container) => ({
      id: `top-up/${container}`,
      kind: 'top-up',
      of: blend.formula.container.kind,
      container,
      ml: bases.reduce((total, { ml }) => total + ml.likely, 0),
      bases: bases.map(({ base, ml }) => ({ id: base.id, ml: ml.likely })),
    })),
};
