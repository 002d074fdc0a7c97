import { idsOf } from '../plan';
import type { StepKind } from './stepKind';

export interface SiftStep {
  readonly id: string;
  readonly kind: 'sift';
  readonly baseIds: readonly string[];
}

/** Powders into a melt. */
export const sift: StepKind<SiftStep> = {
  kind: 'sift',
  plan: ({ texture, dry }) =>
    texture !== null && dry.length > 0 ? [{ id: 'sift', kind: 'sift', baseIds: idsOf(dry) }] : [],
};
