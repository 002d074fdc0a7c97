import { Bench } from './bench';
import { simulatedScale } from './scale';
import { simulatedThermometer } from './thermometer';

/** A scale and a thermometer that need no table. */
export const simulatedBench = (random: () => number = Math.random): Bench =>
  new Bench([simulatedScale(random), simulatedThermometer(random)]);
