import type { StepKind } from './stepKind';

export interface WhipStep {
  readonly id: string;
  readonly kind: 'whip';
  readonly gainPercent: number;
  readonly fromMl: number;
  readonly toMl: number;
}

/** Air into a butter. */
export const whip: StepKind<WhipStep> = {
  kind: 'whip',
  plan: ({ blend: { gainPercent }, mixture: { fillMl } }) =>
    gainPercent > 0
      ? [
          {
            id: 'whip',
            kind: 'whip',
            gainPercent,
            fromMl: fillMl,
            toMl: fillMl * (1 + gainPercent / 100),
          },
        ]
      : [],
};
