import { constituentLimitsData } from './caps';
import originsJson from './data/origins.json';
import type { z } from 'zod';
import type { originsFile } from './schema';
import { containersData, guidelines } from './shipped';

const origins = originsJson as unknown as z.infer<typeof originsFile>;

/** Where the library's figures come from, in sentences for people. */
export const provenance = {
  oils: origins.oils.provenance,
  bases: origins.bases.provenance,
  chemistry: constituentLimitsData.provenance,
  containers: containersData.provenance,
} as const;

/** Who says a kind of figure, and how sure that is: `per oil` where it differs. */
export const figureSources: Readonly<
  Record<'oils' | 'bases', Readonly<Record<string, { source: string; confidence: string }>>>
> = { oils: origins.oils.figures, bases: origins.bases.figures };

/** Titles of the sources, by their short names. */
export const sourceTitles: Readonly<Record<string, string>> = {
  ...origins.oils.sources,
  ...origins.bases.sources,
  ...constituentLimitsData.sources,
  ...guidelines.sources,
};
