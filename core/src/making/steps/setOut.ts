import type { StepContainers } from '../plan';
import type { StepKind } from './stepKind';

export interface SetOutStep {
  readonly id: string;
  readonly kind: 'set-out';
  readonly lines: readonly StepContainers[];
  /** True where what goes in is hot. */
  readonly hot: boolean;
  /** What the pan, jug or bowl takes at least, in ml: with room to stir; to whip, twice as much. */
  readonly vesselMl: number;
}

/** Pans, jugs and bowls as kitchens have them, in ml. */
const vesselsMl: readonly number[] = [50, 100, 150, 250, 500, 750, 1000, 1500, 2000, 3000, 5000];

/** Containers are open before anything is hot: a melt sets in seconds. */
export const setOut: StepKind<SetOutStep> = {
  kind: 'set-out',
  plan: ({ lines, isHot, mixture, blend }) => {
    const needed = mixture.fillMl * (blend.gainPercent > 0 ? 3 : 1.5);
    const vesselMl = vesselsMl.find((ml) => ml >= needed) ?? 1000 * Math.ceil(needed / 1000);
    return [{ id: 'set-out', kind: 'set-out', lines, hot: isHot, vesselMl }];
  },
};
