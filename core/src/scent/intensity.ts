import { smellFamilies, type SmellFamily } from '../catalog';
import { dryDown, type Moment } from './dryDown';
import { referenceFilm, type Film } from './film';
import type { Volatile } from './volatile';

/** Air that carries it from skin to the nose, in m³/s: ours, about a hand’s breadth of it. */
const airM3PerS = 5e-4;

/**
 * Smells beside one another do not add up: the strongest counts most, and the others lift it a
 * little. The cube root of the cubes lies between their plain sum and the strongest alone.
 */
const together = {
  power: (value: number): number => value * value * value,
  root: Math.cbrt,
};

/** How strong so much of a constituent in the air is: concentration over threshold, to a power. */
const strengthOf = ({ thresholdUgPerM3, exponent }: Volatile, ugPerM3: number): number => {
  if (thresholdUgPerM3 === null) return 0;
  return (ugPerM3 / thresholdUgPerM3) ** exponent;
};

const ugPerM3 = (molPerS: number, { molarMassGPerMol }: Volatile): number =>
  (molPerS * molarMassGPerMol * 1e6) / airM3PerS;

/** The unit of intensity: linalool alone at 1 % in jojoba, after one minute. */
export const unitOf = (find: (name: string) => Volatile): number => {
  const film = referenceFilm(find);
  const [, moment] = dryDown(film, [0, 1]);
  const [constituent] = film.constituents;
  return constituent && moment
    ? strengthOf(constituent.volatile, ugPerM3(moment.flux[0] ?? 0, constituent.volatile))
    : 1;
};

/** Perceived intensities at one moment. */
export interface Perceived {
  readonly families: Readonly<Record<SmellFamily, number>>;
  readonly oils: ReadonlyMap<string, number>;
}

const nothing = (): Record<SmellFamily, number> =>
  Object.fromEntries(smellFamilies.map((family) => [family, 0])) as Record<SmellFamily, number>;

/**
 * What a moment smells like.
 *
 * @param unit see `unitOf`
 * @param strengths what a house has found of its own noses: an oil counts as so many times as much
 */
export const perceived = (
  { constituents }: Film,
  { flux }: Moment,
  unit: number,
  strengths: ReadonlyMap<string, number>,
): Perceived => {
  const families = nothing();
  const oils = new Map<string, number>();
  constituents.forEach(({ volatile, from, mol }, n) => {
    const inAir = ugPerM3(flux[n] ?? 0, volatile);
    let counted = 0;
    for (const [oilId, own] of from) {
      const part = inAir * (own / mol) * (strengths.get(oilId) ?? 1);
      counted += part;
      oils.set(oilId, (oils.get(oilId) ?? 0) + together.power(strengthOf(volatile, part) / unit));
    }
    const strength = strengthOf(volatile, counted) / unit;
    for (const family of smellFamilies) {
      const share = volatile.families[family];
      if (share !== undefined) families[family] += together.power(strength * share);
    }
  });
  for (const family of smellFamilies) families[family] = together.root(families[family]);
  for (const [oilId, sum] of oils) oils.set(oilId, together.root(sum));
  return { families, oils };
};
