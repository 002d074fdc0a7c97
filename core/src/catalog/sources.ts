import { constituentLimitsData } from './caps';
import { basesData, containersData, guidelines, oilsData } from './shipped';

/** Where the library's figures come from, in sentences for people. */
export const provenance = {
  oils: oilsData.provenance,
  bases: basesData.provenance,
  chemistry: constituentLimitsData.provenance,
  containers: containersData.provenance,
} as const;

/** Who says a kind of figure, and how sure that is: `per oil` where it differs. */
export const figureSources: Readonly<
  Record<'oils' | 'bases', Readonly<Record<string, { source: string; confidence: string }>>>
> = { oils: oilsData.figures, bases: basesData.figures };

/** Titles of the sources, by their short names. */
export const sourceTitles: Readonly<Record<string, string>> = {
  ...oilsData.sources,
  ...basesData.sources,
  ...constituentLimitsData.sources,
  ...guidelines.sources,
};
