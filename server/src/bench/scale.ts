import { writeLine, type DeviceCommand, type DeviceUnit, type Hand } from '@jubbet/protocol';
import type { SimulatedDevice } from './simulatedDevice';

/** More than this is too much for it, in g. */
const mostG = 500;
const gramsPerOunce = 28.349523125;
/** How fast the pan follows what lies on it, per second, and how much it trembles, in g. */
const followsPerSecond = 4;
const trembleG = 0.004;
/** It creeps by so much in an hour, in g. */
const driftGPerHour = 0.05;
/** At rest where the pan is so near to what lies on it, in g. */
const restG = 0.003;

/** A scale that tells 0.01 g apart, with nothing on it but what is stated to be. */
export const simulatedScale = (random: () => number): SimulatedDevice => {
  let loadG = 0;
  let panG = 0;
  let tareG = 0;
  let driftG = 0;
  let unit: DeviceUnit = 'g';
  return {
    device: {
      id: 'scale',
      kind: 'scale',
      name: 'Simulated scale, 0.01 g',
      simulated: true,
      resolution: 0.01,
    },
    everyMs: 250,
    tick: (seconds) => {
      panG += (loadG - panG) * (1 - Math.exp(-followsPerSecond * seconds));
      driftG += (driftGPerHour * seconds) / 3600;
    },
    line: () => {
      if (loadG > mostG) return 'OL';
      const isAtRest = Math.abs(panG - loadG) < restG;
      const shown = panG - tareG + driftG + (random() - 0.5) * 2 * trembleG;
      // Nought has no sign.
      const g = Math.round(shown * 100) / 100 || 0;
      return unit === 'oz'
        ? writeLine(g / gramsPerOunce, 'oz', isAtRest, 4)
        : writeLine(g, 'g', isAtRest, 2);
    },
    command: (command: DeviceCommand) => {
      if (command.command === 'unit') {
        if (command.unit !== 'g' && command.unit !== 'oz') return false;
        unit = command.unit;
        return true;
      }
      // As scales do, it waits until the pan rests.
      tareG = loadG + driftG;
      return true;
    },
    hand: (done: Hand) => {
      if (done.hand === 'put') loadG = Math.max(0, loadG + done.g);
      else if (done.hand === 'drip') loadG += done.drops * done.dropG;
      else if (done.hand === 'clear') loadG = 0;
      else return false;
      return true;
    },
  };
};
