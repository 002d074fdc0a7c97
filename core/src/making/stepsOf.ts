import type { Blend } from '../drops';
import type { Mixture } from '../mixture';
import { planOf } from './plan';
import { mixedOrder, pouringOrder, type Step } from './steps/registry';

/**
 * The steps of a blend: container by container, or in one pan or jug.
 *
 * @param mixture one container, or the whole of what is mixed in one, as planned
 */
export const stepsOf = (blend: Blend, mixture: Mixture): Step[] => {
  const plan = planOf(blend, mixture);
  return (blend.inOne ? mixedOrder : pouringOrder).flatMap((planned) => [...planned(plan)]);
};

/** The number of the container that a step is of; null for one that is done once for all. */
export const containerOfStep = (step: Step): number | null =>
  'container' in step ? step.container : null;
