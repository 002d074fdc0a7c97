import type { StepContainers } from '../plan';
import type { StepKind } from './stepKind';

export interface FillStep {
  readonly id: string;
  readonly kind: 'fill';
  readonly line: StepContainers;
  readonly hot: boolean;
  /** What will not fit, in ml, where the plan had nothing left; else the step after it says so. */
  readonly leftMl?: number;
}

/** From the jug or pan into each line of containers. */
export const fill: StepKind<FillStep> = {
  kind: 'fill',
  plan: ({ lines, isHot }) =>
    lines.map((line, index) => ({ id: `fill/${index}`, kind: 'fill', line, hot: isHot })),
};
