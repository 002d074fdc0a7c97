import type { z } from 'zod';
import type { cappedFile, compositionFile, constituentLimitsFile } from './schema';

/**
 * Of the chemistry of all oils, what the caps count: the only part of it that every
 * sheet needs at once.
 */
export const cappedOf = (
  { oils }: z.infer<typeof compositionFile>,
  { limits }: z.infer<typeof constituentLimitsFile>,
): z.infer<typeof cappedFile> => {
  const counted = new Set(limits.flatMap(({ members }) => members));
  return Object.fromEntries(
    Object.entries(oils).map(([id, { confidence, constituents }]) => [
      id,
      { confidence, constituents: constituents.filter(([name]) => counted.has(name)) },
    ]),
  );
};
