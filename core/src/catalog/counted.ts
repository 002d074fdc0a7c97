import type { z } from 'zod';
import type { chemistryCautionsFile, patchTestNamesFile, saleFile } from './cautionSchema';
import type { countedFile, compositionFile, constituentLimitsFile } from './schema';

/** Everything that names constituents that rules count. */
interface Counting {
  readonly caps: z.infer<typeof constituentLimitsFile>;
  readonly cautions: z.infer<typeof chemistryCautionsFile>;
  readonly patchTests: z.infer<typeof patchTestNamesFile>;
  readonly sale: z.infer<typeof saleFile>;
}

/** Names of all constituents that some rule counts. */
export const countedNames = ({ caps, cautions, patchTests, sale }: Counting): Set<string> =>
  new Set([
    ...caps.limits.flatMap(({ members }) => members),
    ...cautions.cautions.flatMap(({ constituents }) => constituents),
    ...patchTests.names.flatMap(({ constituents }) => constituents),
    ...sale.restrictions.flatMap(({ constituents }) => constituents),
    ...Object.keys(sale.light.limits),
  ]);

/**
 * Of the chemistry of all oils, what rules count: the only part of it that every sheet needs at
 * once.
 */
export const countedOf = (
  { oils }: z.infer<typeof compositionFile>,
  counted: ReadonlySet<string>,
): z.infer<typeof countedFile> =>
  Object.fromEntries(
    Object.entries(oils).map(([id, { confidence, constituents }]) => [
      id,
      { confidence, constituents: constituents.filter(([name]) => counted.has(name)) },
    ]),
  );
