import type { StepContainers } from '../plan';
import type { StepKind } from './stepKind';

export interface CloseAllStep {
  readonly id: string;
  readonly kind: 'close-all';
  readonly lines: readonly StepContainers[];
  /** True where what goes in is hot. */
  readonly hot: boolean;
}

/** All containers that were filled from the jug or pan are closed. */
export const closeAll: StepKind<CloseAllStep> = {
  kind: 'close-all',
  plan: ({ lines, isHot }) => [{ id: 'close-all', kind: 'close-all', lines, hot: isHot }],
};
