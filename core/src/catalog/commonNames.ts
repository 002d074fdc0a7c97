import { z } from 'zod';
import constituentNamesJson from './data/constituent-names.json';

// The words that laboratories use, as data of the library; parsed in shipped.test.ts.

/** What sheets and the trade call constituents, in several languages. */
export const constituentNamesFile = z.strictObject({
  source: z.string(),
  /** Totals of several constituents, by their name. */
  sums: z.record(z.string(), z.array(z.string()).min(2)),
  /** Other names of each. */
  names: z.record(z.string(), z.array(z.string()).min(1)),
});
export const constituentNames: z.infer<typeof constituentNamesFile> = constituentNamesJson;
