import { writeLine, type DeviceUnit } from '@jubbet/protocol';
import type { SimulatedDevice } from './simulatedDevice';

const roomC = 21;
/** By Newton's law: the share of the difference that goes over in a minute. */
const bathPerMinute = 0.12;
const airPerMinute = 0.05;
/** A probe follows what it is in, per second. */
const probePerSecond = 0.35;
const bathC = 82;
const trembleC = 0.06;
/** While wax melts or sets, heat goes into that: it stalls over this stretch. */
const stallC = { from: 58, to: 62 };
const stallShare = 0.35;

/** A probe in a jug: in a water bath it warms, in the room it cools, and it stalls while wax melts. */
export const simulatedThermometer = (random: () => number): SimulatedDevice => {
  let jugC = roomC;
  let probeC = roomC;
  let isHot = false;
  let unit: DeviceUnit = 'C';
  return {
    device: {
      id: 'probe',
      kind: 'thermometer',
      name: 'Simulated probe thermometer',
      simulated: true,
      resolution: 0.1,
    },
    everyMs: 1000,
    tick: (seconds) => {
      const [towards, perMinute] = isHot ? [bathC, bathPerMinute] : [roomC, airPerMinute];
      const stalls = jugC >= stallC.from && jugC <= stallC.to;
      const share = 1 - (1 - perMinute) ** ((seconds / 60) * (stalls ? stallShare : 1));
      jugC += (towards - jugC) * share;
      probeC += (jugC - probeC) * (1 - Math.exp(-probePerSecond * seconds));
    },
    line: () => {
      const celsius = probeC + (random() - 0.5) * 2 * trembleC;
      const isAtRest = Math.abs(probeC - jugC) < 0.5;
      return unit === 'F'
        ? writeLine((celsius * 9) / 5 + 32, 'F', isAtRest, 1)
        : writeLine(celsius, 'C', isAtRest, 1);
    },
    command: (command) => {
      if (command.command !== 'unit' || (command.unit !== 'C' && command.unit !== 'F'))
        return false;
      unit = command.unit;
      return true;
    },
    hand: (done) => {
      if (done.hand === 'heat') isHot = done.on;
      else if (done.hand === 'jug') jugC = done.celsius;
      else return false;
      return true;
    },
  };
};
