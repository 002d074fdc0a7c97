import type { Blend } from '../drops';
import { part, type Mixture } from '../mixture';
import type { CameOutLine } from './event';
import type { Tally } from './tally';

/**
 * What came out of the jug or pan of a batch, line by line: as someone said, else as it parts. Of a
 * batch that is mixed in each of its containers there is nothing to say.
 */
export const cameOutLines = (
  blend: Blend,
  { fillMl, totalG }: Pick<Mixture, 'fillMl' | 'totalG'>,
  { cameOut }: Pick<Tally, 'cameOut'>,
): readonly CameOutLine[] => {
  if (!blend.inOne || fillMl <= 0) return [];
  if (cameOut) return cameOut.lines;
  return part(blend.fillings, fillMl, totalG.likely, blend).lines.map(
    ({ full, lastMl, fillMl: each }, filling) => ({
      into: { filling },
      full,
      lastPercent: Math.min(99, Math.round((100 * lastMl) / each)),
    }),
  );
};
