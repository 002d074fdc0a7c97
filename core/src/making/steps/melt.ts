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
  /** About how long it takes in a water bath, in minutes. */
  readonly minutes: readonly [number, number];
}

/** How long so much takes to melt, up to so many g: our own estimate, of kitchen batches. */
const minutesUpTo: readonly (readonly [g: number, minutes: readonly [number, number]])[] = [
  [50, [5, 10]],
  [150, [10, 15]],
  [500, [15, 25]],
  [1500, [25, 40]],
  [Infinity, [40, 60]],
];

const minutesFor = (g: number): readonly [number, number] =>
  minutesUpTo.find(([upTo]) => g <= upTo)?.[1] ?? [40, 60];

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
            minutes: minutesFor(melted.reduce((total, { g }) => total + g.likely, 0)),
            holdC:
              textureFigures.holdC.find(({ wax }) => melted.some(({ base }) => base.id === wax))
                ?.c ?? null,
          },
        ],
};
