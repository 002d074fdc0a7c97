import type { Mixture } from './mixture';

/** What grains and oil feel like together: from dry to more oil than they hold. */
export type PasteFeel = 'dry' | 'damp' | 'thick' | 'soft' | 'runny';

/**
 * How much oil, as a share of the gaps between the grains, each feel goes up to. Below 1 there is
 * less oil than gaps, which is geometry; the others are our own reading of scrubs of 60 to
 * 75 parts of sugar or salt in 100 by weight, as recipes have them: those fill 0.7 to 1.4 of the gaps.
 */
const feelsUpTo: readonly (readonly [PasteFeel, number])[] = [
  ['dry', 0.65],
  ['damp', 1],
  ['thick', 1.35],
  ['soft', 1.9],
  ['runny', Infinity],
];

/** What is aimed at for each feel, as a share of the gaps. */
export const pasteAims = { damp: 0.85, thick: 1.15, soft: 1.6 } as const;

/** Grains in oil. */
export interface Paste {
  /** Grains and powders, in percent of all by weight. */
  readonly grainPercent: number;
  /** All that is liquid, in ml. */
  readonly wetMl: number;
  /** Between the grains as they lie, in ml. */
  readonly gapsMl: number;
  /** What is liquid over the gaps: 1 where it just fills them. */
  readonly fill: number;
  readonly feel: PasteFeel;
}

/** How wet grains are; null where there are none. */
export const pasteOf = ({ bases, oils, totalG }: Mixture): Paste | null => {
  let gapsMl = 0;
  let grainG = 0;
  let wetMl = oils.reduce((total, { ml }) => total + ml.likely, 0);
  for (const { base, g, ml } of bases) {
    const { trueDensityGPerMl: own, bulkDensityGPerMl: bulk } = base;
    if (own === undefined || bulk === undefined) wetMl += ml.likely;
    else {
      gapsMl += g.likely * (1 / bulk - 1 / own);
      grainG += g.likely;
    }
  }
  if (gapsMl <= 0) return null;
  const fill = wetMl / gapsMl;
  const feel = feelsUpTo.find(([, upTo]) => fill < upTo - 1e-9)?.[0] ?? 'runny';
  return { grainPercent: (100 * grainG) / totalG.likely, wetMl, gapsMl, fill, feel };
};
