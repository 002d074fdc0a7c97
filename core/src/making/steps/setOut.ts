import type { StepContainers } from '../plan';
import type { StepKind } from './stepKind';

export interface SetOutStep {
  readonly id: string;
  readonly kind: 'set-out';
  readonly lines: readonly StepContainers[];
  /** True where what goes in is hot. */
  readonly hot: boolean;
}

/** Containers are open before anything is hot: a melt sets in seconds. */
export const setOut: StepKind<SetOutStep> = {
  kind: 'set-out',
  plan: ({ lines, isHot }) => [{ id: 'set-out', kind: 'set-out', lines, hot: isHot }],
};
