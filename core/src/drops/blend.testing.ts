import { fullCaseOf, type JudgedCase } from '../limits/judgedCase.testing';
import type { Blend } from './blend';

/** A blend in a 10 ml roll-on with jojoba for the wrists of an adult, unless asked otherwise. */
export const blendOf = (given: JudgedCase): Blend => {
  const all = fullCaseOf(given);
  return {
    ...all,
    name: 'Test',
    purpose: '',
    count: 1,
    fillings: [{ container: all.formula.container, count: 1 }],
    inOne: false,
    lossPercent: 0,
    gainPercent: 0,
    grain: null,
  };
};
