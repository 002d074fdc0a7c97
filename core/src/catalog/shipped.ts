import cautionsJson from './data/cautions.json';
import basesJson from './data/bases.json';
import cappedJson from './data/capped.json';
import constituentLimitsJson from './data/constituent-limits.json';
import dropsJson from './data/drops.json';
import kinJson from './data/kin.json';
import guidelinesJson from './data/guidelines.json';
import oilsJson from './data/oils.json';
import containersJson from './data/vessels.json';
import type { z } from 'zod';
import type {
  Base,
  basesFile,
  cappedFile,
  ConstituentLimit,
  constituentLimitsFile,
  dropsFile,
  Oil,
  oilsFile,
  UsualContainer,
  containersFile,
} from './schema';
import type { cautionsFile, Guidelines } from './guidelineSchema';

// The shipped files are parsed against their schemas in library.test.ts, not at
// every start: what remains here is to tell the compiler so.
const oilsData = oilsJson as unknown as z.infer<typeof oilsFile>;
const basesData = basesJson as unknown as z.infer<typeof basesFile>;
const capped = cappedJson as unknown as z.infer<typeof cappedFile>;
const constituentLimitsData = constituentLimitsJson as unknown as z.infer<
  typeof constituentLimitsFile
>;
const containersData = containersJson as unknown as z.infer<typeof containersFile>;
const dropsData = dropsJson as unknown as z.infer<typeof dropsFile>;

/** Strength by age, place and stage, light, conditions: what the rules read. */
export const guidelines = guidelinesJson as unknown as Guidelines;

/** The oils as they are shipped, whatever a house lays over them. */
export const shippedOils: readonly Oil[] = oilsData.oils.map((oil) => ({
  ...oil,
  capped: capped[oil.id] ?? null,
}));
/** The bases as they are shipped. */
export const shippedBases: readonly Base[] = basesData.bases;
/** Cautions of places, kinds of product and sale that are not a strength. */
export const cautions = cautionsJson as unknown as z.infer<typeof cautionsFile>;
/** Caps on constituents across all oils of a blend. */
export const constituentLimits: readonly ConstituentLimit[] = constituentLimitsData.limits;
export const usualContainers: readonly UsualContainer[] = containersData.containers;
export const dropFigures = dropsData;

/** Drops to the ml of a drop size by its name; throws where there is none of that name. */
export const dropsPerMlOf = (size: string): number => {
  const found = dropFigures.sizes.find(({ id }) => id === size);
  if (!found) throw new Error(`no drop size ${size}`);
  return found.perMl;
};

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

const byId = <T extends { readonly id: string }>(rows: readonly T[]): ReadonlyMap<string, T> =>
  new Map(rows.map((row) => [row.id, row]));

const containersById = byId(usualContainers);
const kinById = new Map(kinJson.kin.map(({ from, to }) => [from, to]));

/** Id of a kind of the same plant or name that is held back less, where there is one. */
export const milderKinOf = (id: string): string | undefined => kinById.get(id);

export const findContainer = (id: string): UsualContainer | undefined => containersById.get(id);
