import { type Mixture, textureOf } from '../mixture';
import {
  fillMl,
  type Container,
  findContainer,
  type Base,
  textureFigures,
  containerFacts,
  dropFigures,
} from '../catalog';
import type { Blend } from '../drops';
import { dropVolume } from '../quantity';
import { usualDropsPerMl } from '../recipe';

/** What one press, spray, fingertip or piece takes, and how many there are in a container. */
export interface OneUse {
  /** What is done for one use: `press`, `fingertip`. */
  readonly act: string;
  /** How often that is done for one use. */
  readonly count: number;
  /** True where the maker has measured it. */
  readonly own: boolean;
  /** Least and most that one gives, in ml. */
  readonly ml: readonly [number, number];
  /** Essential oil in it on likely drops, in ml. */
  readonly oilMl: readonly [number, number];
  /** Fat and wax in it, in g: what a bath gets. */
  readonly fatG: readonly [number, number];
  /** Whole uses in a full container, fewest and most. */
  readonly uses: readonly [number, number];
}

const isFat = ({ kind }: Base): boolean => kind === 'oil' || kind === 'butter' || kind === 'wax';

/** A fingertip is a measure of ointments; of what is firmer or grained no one says how much. */
const isOintment = (mixture: Mixture): boolean =>
  (textureOf(mixture)?.waxPercent.likely ?? Infinity) < 15;

/** What a ml weighs of what is in the containers, whipped or not, in g. */
export const standingDensity = (
  { gainPercent }: Pick<Blend, 'gainPercent'>,
  { totalG, fillMl: mixedMl }: Pick<Mixture, 'totalG' | 'fillMl'>,
): number => totalG.likely / (mixedMl * (1 + gainPercent / 100));

/** Least and most that one use takes, in ml as it is in the container; null where not known. */
const doseOf = (
  container: Container,
  blend: Pick<Blend, 'gainPercent' | 'useMl' | 'useCount'>,
  mixture: Mixture,
): readonly [number, number] | null => {
  const { useMl } = blend;
  if (useMl !== undefined) return [useMl, useMl];
  const one = usualDose(container, blend, mixture);
  const count = blend.useCount ?? 1;
  return one && [count * one[0], count * one[1]];
};

/** What one press, spray, drop, fingertip or piece gives. */
const usualDose = (
  container: Container,
  blend: Pick<Blend, 'gainPercent'>,
  mixture: Mixture,
): readonly [number, number] | null => {
  const usual = container.id ? findContainer(container.id)?.doseMl : undefined;
  if (usual) return usual;
  const { dose } = containerFacts(container.kind);
  if (dose === 'drop') {
    // A blend runs as the carrier does: thinly.
    const { low, high } = dropVolume(usualDropsPerMl, dropFigures.unmeasuredRangeMl.thin);
    return [low, high];
  }
  if (dose === 'piece') return [fillMl(container), fillMl(container)];
  const density = standingDensity(blend, mixture);
  if (dose !== 'fingertip' || !isOintment(mixture)) return null;
  const [least, most] = textureFigures.fingertip.g;
  return [least / density, most / density];
};

/** Null where no dose of this container is known. */
export const oneUse = (
  container: Container,
  blend: Pick<Blend, 'gainPercent' | 'useMl' | 'useCount'>,
  mixture: Mixture,
): OneUse | null => {
  const dose = doseOf(container, blend, mixture);
  if (!dose) return null;
  const [least, most] = dose;
  const share = mixture.strength.byVolume.likely / 100 / (1 + blend.gainPercent / 100);
  const fat =
    mixture.bases.reduce((total, { base, g }) => total + (isFat(base) ? g.likely : 0), 0) /
    (mixture.fillMl * (1 + blend.gainPercent / 100));
  const uses = (ml: number): number => Math.floor(fillMl(container) / ml + 1e-9);
  return {
    // What the maker has measured is a use, whatever the container is usually taken from by.
    act: blend.useMl === undefined ? (containerFacts(container.kind).dose ?? 'use') : 'use',
    count: blend.useMl === undefined ? (blend.useCount ?? 1) : 1,
    own: blend.useMl !== undefined,
    ml: dose,
    oilMl: [least * share, most * share],
    fatG: [least * fat, most * fat],
    uses: [uses(most), uses(least)],
  };
};
