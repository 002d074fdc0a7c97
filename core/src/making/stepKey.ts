import type { Step } from './steps/registry';

/** A step whatever its container: what the maker writes beside one is written beside all alike. */
export const stepKey = (step: Step): string =>
  'container' in step ? step.id.replace(`/${step.container}`, '') : step.id;
