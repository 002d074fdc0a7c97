import { alcohol, volumeOf, type Film } from './film';
import { gasConstant, skinK } from './volatile';

/** Still air over skin, in m: ours, of the size that rooms and clothes leave. */
const boundaryLayerM = 0.005;

/** What of a constituent is where at a time, in mol, and how fast it goes into the air, in mol/s. */
export interface Moment {
  readonly minute: number;
  readonly left: Float64Array;
  readonly evaporated: Float64Array;
  readonly absorbed: Float64Array;
  readonly flux: Float64Array;
}

/** Diffusion in air, in m²/s: 1.55 / M^0.65 in cm²/s (Schwarzenbach and others, 2003). */
const diffusion = (molarMass: number): number => 1.55e-4 / molarMass ** 0.65;

/**
 * How fast a substance passes through skin out of water, in m/s: log Kp = -6.3 + 0.71 log Kow - 0.0061 M
 * in cm/s (Potts and Guy, 1992).
 */
const skinUptake = (logKow: number, molarMass: number): number =>
  10 ** (-6.3 + 0.71 * logKow - 0.0061 * molarMass) / 100;

/** What a step may be wrong by, as a share of what was put on. */
const tolerance = 2e-4;

/** A film is never thought smaller than this: the last of it leaves at a finite rate. */
const leastMol = 1e-15;
const leastM3 = 1e-19;

/** A step this short is taken whatever its error, in s. */
const shortestStep = 1e-3;

/**
 * Lets a film dry. Evaporation by Raoult’s law in mol fractions, carrier included, through still air;
 * uptake into skin from a film that holds substances as octanol does. Each step leaves exponentially
 * at the rates of its middle, so that nothing is made or lost; its length follows its error.
 *
 * @param minutes rising, from 0
 */
export const dryDown = (film: Film, minutes: readonly number[]): readonly Moment[] => {
  const { constituents, carrierMol, carrierM3, areaM2, alcoholMol } = film;
  const count = constituents.length;
  const atStart = Float64Array.from(constituents, ({ mol }) => mol);
  const left = Float64Array.from(atStart);
  const evaporated = new Float64Array(count);
  const absorbed = new Float64Array(count);
  // Per mol and s: times 1/N of the film for air, times 1/V for skin.
  const toAir = Float64Array.from(
    constituents,
    ({ volatile: { pressurePa, molarMassGPerMol } }) =>
      (areaM2 * (diffusion(molarMassGPerMol) / boundaryLayerM) * pressurePa) /
      (gasConstant * skinK),
  );
  const toSkin = Float64Array.from(
    constituents,
    ({ volatile: { logKow, molarMassGPerMol } }) =>
      (areaM2 * skinUptake(logKow, molarMassGPerMol)) / 10 ** logKow,
  );
  const alcoholToAir =
    (areaM2 * (diffusion(alcohol.molarMass) / boundaryLayerM) * alcohol.pressurePa) /
    (gasConstant * skinK);
  let alcoholLeft = alcoholMol;

  const sizeOf = (mol: Float64Array, alcoholNow: number): readonly [mol: number, m3: number] => {
    let total = carrierMol + alcoholNow;
    let gram = 0;
    for (let n = 0; n < count; n += 1) {
      total += mol[n] ?? 0;
      gram += (mol[n] ?? 0) * (constituents[n]?.volatile.molarMassGPerMol ?? 0);
    }
    const m3 =
      carrierM3 + volumeOf(gram) + (alcoholNow * alcohol.molarMass * 1e-6) / alcohol.density;
    return [Math.max(total, leastMol), Math.max(m3, leastM3)];
  };
  const rates = new Float64Array(count);
  const setRates = (mol: Float64Array, alcoholNow: number): number => {
    const [total, m3] = sizeOf(mol, alcoholNow);
    for (let n = 0; n < count; n += 1) {
      rates[n] = (toAir[n] ?? 0) / total + (toSkin[n] ?? 0) / m3;
    }
    return total;
  };

  const middle = new Float64Array(count);
  const ahead = new Float64Array(count);
  /** Goes on by so many seconds, in as many steps as that takes. */
  const goOn = (seconds: number): void => {
    let to = seconds;
    let step = seconds;
    while (to > 0) {
      step = Math.min(step, to);
      const total = setRates(left, alcoholLeft);
      const alcoholRate = alcoholToAir / total;
      for (let n = 0; n < count; n += 1) {
        middle[n] = (left[n] ?? 0) * Math.exp(-(rates[n] ?? 0) * (step / 2));
        ahead[n] = (left[n] ?? 0) * Math.exp(-(rates[n] ?? 0) * step);
      }
      const totalThen = setRates(middle, alcoholLeft * Math.exp(-alcoholRate * (step / 2)));
      let error = 0;
      for (let n = 0; n < count; n += 1) {
        const next = (left[n] ?? 0) * Math.exp(-(rates[n] ?? 0) * step);
        error = Math.max(error, Math.abs(next - (ahead[n] ?? 0)) / (atStart[n] ?? 1));
        ahead[n] = next;
      }
      if (error > tolerance && step > shortestStep) {
        step /= 2;
        continue;
      }
      const [, m3] = sizeOf(middle, alcoholLeft * Math.exp(-alcoholRate * (step / 2)));
      for (let n = 0; n < count; n += 1) {
        const gone = (left[n] ?? 0) - (ahead[n] ?? 0);
        const air = (toAir[n] ?? 0) / totalThen;
        const skin = (toSkin[n] ?? 0) / m3;
        const inAir = air + skin > 0 ? gone * (air / (air + skin)) : 0;
        evaporated[n] = (evaporated[n] ?? 0) + inAir;
        absorbed[n] = (absorbed[n] ?? 0) + gone - inAir;
        left[n] = ahead[n] ?? 0;
      }
      alcoholLeft *= Math.exp(-(alcoholToAir / totalThen) * step);
      to -= step;
      step *= error < tolerance / 4 ? 2 : 1;
    }
  };

  let at = 0;
  return minutes.map((minute) => {
    goOn(60 * (minute - at));
    at = minute;
    const [total] = sizeOf(left, alcoholLeft);
    return {
      minute,
      left: Float64Array.from(left),
      evaporated: Float64Array.from(evaporated),
      absorbed: Float64Array.from(absorbed),
      flux: Float64Array.from(left, (mol, n) => (mol * (toAir[n] ?? 0)) / total),
    };
  });
};
