import { idsOf } from '../plan';
import type { StepKind } from './stepKind';

export interface WarmInStep {
  readonly id: string;
  readonly kind: 'warm-in';
  readonly baseIds: readonly string[];
  /** True where there is wax that cold oil would make seize. */
  readonly wax: boolean;
}

/** What pours goes into what is melted. */
export const warmIn: StepKind<WarmInStep> = {
  kind: 'warm-in',
  plan: ({ melted, liquid, texture }) =>
    texture === null || liquid.length === 0
      ? []
      : [
          {
            id: 'warm-in',
            kind: 'warm-in',
            baseIds: idsOf(liquid),
            wax: melted.some(({ base }) => base.kind === 'wax'),
          },
        ],
};
