import { textureFigures } from '../../catalog';
import { idsOf } from '../plan';
import type { StepKind } from './stepKind';

export interface MeltStep {
  readonly id: string;
  readonly kind: 'melt';
  /** What is melted, the hardest first. */
  readonly baseIds: readonly string[];
  /** Warmth to hold, in °C; null where only butters melt. */
  readonly holdC: readonly [number, number] | null;
}

/** Waxes and butters in a water bath. */
export const melt: StepKind<MeltStep> = {
  kind: 'melt',
  plan: ({ melted, texture }) =>
    texture === null
      ? []
      : [
          {
            id: 'melt',
            kind: 'melt',
            baseIds: idsOf(melted),
            holdC:
              textureFigures.holdC.find(({ wax }) => melted.some(({ base }) => base.id === wax))
                ?.c ?? null,
          },
        ],
};
