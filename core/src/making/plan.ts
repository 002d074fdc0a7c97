import { isMelted, type Base, type ContainerKind } from '../catalog';
import type { Blend } from '../drops';
import {
  part,
  textureOf,
  type BaseInBlend,
  type Mixture,
  type OilInBlend,
  type Parted,
  type Texture,
} from '../mixture';

/** Containers of one kind and size, and what goes into each. */
export interface StepContainers {
  readonly of: ContainerKind;
  readonly nominalMl: number;
  readonly count: number;
  /** What goes into each, in ml as it is there. */
  readonly ml: number;
  readonly g: number;
  /** What the last of them takes where it will not be full, in ml; 0 where all are. */
  readonly lastMl: number;
}

/** What the steps of a batch are planned from, worked out once for all of them. */
export interface Plan {
  readonly blend: Blend;
  /** One container, or the whole of what is mixed in one, as planned. */
  readonly mixture: Mixture;
  /** Numbers of the containers that oils go into: one by one, or the jug alone, which is 0. */
  readonly numbers: readonly number[];
  /** Oils and bases of which there is any. */
  readonly oils: readonly OilInBlend[];
  readonly bases: readonly BaseInBlend[];
  /** Null where nothing is melted. */
  readonly texture: Texture | null;
  /** True where what is filled in is hot. */
  readonly isHot: boolean;
  /** What is melted, the hardest first. */
  readonly melted: readonly BaseInBlend[];
  /** What pours at once. */
  readonly liquid: readonly BaseInBlend[];
  /** What heat would harm: it goes in with the oils. */
  readonly late: readonly BaseInBlend[];
  /** Grains and powders. */
  readonly dry: readonly BaseInBlend[];
  /** Containers that are filled from the jug, in lines; none is empty. */
  readonly lines: readonly StepContainers[];
  readonly parted: Parted;
}

const meltsAt = ({ meltRangeC }: Base): number => meltRangeC?.[1] ?? 0;

const linesOf = ({ lines }: Parted): StepContainers[] =>
  lines
    .map(({ container, fillMl, fillG, full, lastMl, lastG }) => ({
      of: container.kind,
      nominalMl: container.nominalMl,
      count: full + (lastMl > 0 ? 1 : 0),
      // One that will not be full takes what there is, not what it could hold.
      ml: full > 0 ? fillMl : lastMl,
      g: full > 0 ? fillG : lastG,
      lastMl: full > 0 ? lastMl : 0,
    }))
    .filter(({ count }) => count > 0);

/** @param mixture of one container, or of the whole, as it will be */
export const planOf = (blend: Blend, mixture: Mixture): Plan => {
  const bases = mixture.bases.filter(({ ml }) => ml.likely > 0);
  const texture = textureOf(mixture);
  const are = (test: (base: Base) => boolean) => bases.filter(({ base }) => test(base));
  const melted = are(isMelted).sort((a, b) => meltsAt(b.base) - meltsAt(a.base));
  const dry = are(({ kind }) => kind === 'dry');
  const late = are(
    ({ kind }) => melted.length > 0 && !['wax', 'butter', 'oil', 'dry'].includes(kind),
  );
  const parted = part(blend.fillings, mixture.fillMl, mixture.totalG.likely, blend);
  return {
    blend,
    mixture,
    numbers: blend.inOne ? [0] : Array.from({ length: blend.count }, (_, number) => number),
    oils: mixture.oils.filter(({ ml }) => ml.likely > 0),
    bases,
    texture,
    isHot: texture !== null && blend.gainPercent === 0,
    melted,
    liquid: bases.filter((baseInBlend) => ![...melted, ...dry, ...late].includes(baseInBlend)),
    late,
    dry,
    lines: linesOf(parted),
    parted,
  };
};

/** How many containers a batch comes to. */
export const containersOf = ({ blend, lines }: Plan): number =>
  blend.inOne ? lines.reduce((total, { count }) => total + count, 0) : blend.count;

export const idsOf = (list: readonly BaseInBlend[]): string[] => list.map(({ base }) => base.id);
