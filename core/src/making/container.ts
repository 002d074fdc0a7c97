import { usualContainer, type Container } from '../catalog';
import type { Blend } from '../drops';
import type { Tally } from './tally';

/** The container that a bottle of the batch is in by now. */
export const containerAt = (blend: Blend, tally: Tally, container: number): Container => {
  const moved = tally.movedTo.get(container);
  const is = (moved === undefined ? undefined : usualContainer(moved)) ?? blend.formula.container;
  const filled = tally.filledTo.get(container);
  return filled === undefined ? is : { ...is, workingFillPercent: filled };
};
