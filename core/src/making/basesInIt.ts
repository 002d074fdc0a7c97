import type { Blend } from '../drops';
import type { BaseInBlend, Mixture } from '../mixture';
import type { Step } from './steps/registry';
import type { Tally } from './tally';

/**
 * The bases that are in it by now: weighed into the pan or jug, or topped up to the line of one
 * container.
 *
 * @param whole what it will be when all is in
 */
export const basesInIt = (
  blend: Blend,
  steps: readonly Step[],
  tally: Tally,
  container: number,
  whole: Mixture,
): readonly BaseInBlend[] => {
  const done = steps.filter(({ id }) => tally.done.has(id));
  return whole.bases.filter(({ base }) =>
    done.some((step) =>
      blend.inOne
        ? step.kind === 'weigh' && step.baseId === base.id
        : step.kind === 'top-up' && step.container === container,
    ),
  );
};
