import type { StepKind } from './stepKind';

export interface LayOutStep {
  readonly id: string;
  readonly kind: 'lay-out';
  readonly oilIds: readonly string[];
}

/** All oils of the batch are ready, and are opened one at a time. */
export const layOut: StepKind<LayOutStep> = {
  kind: 'lay-out',
  plan: ({ oils }) =>
    oils.length === 0
      ? []
      : [{ id: 'lay-out', kind: 'lay-out', oilIds: oils.map(({ oil }) => oil.id) }],
};
