import type { StepKind } from './stepKind';

export interface CombineStep {
  readonly id: string;
  readonly kind: 'combine';
  readonly grain: 'paste' | 'dry' | null;
}

/** Without a melt: all into one jug, or into the grains. */
export const combine: StepKind<CombineStep> = {
  kind: 'combine',
  plan: ({ texture, blend: { grain } }) =>
    texture === null ? [{ id: 'combine', kind: 'combine', grain }] : [],
};
