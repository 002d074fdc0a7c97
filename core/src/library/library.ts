import cautionsJson from './data/cautions.json';
import basesJson from './data/bases.json';
import cappedJson from './data/capped.json';
import constituentLimitsJson from './data/constituent-limits.json';
import dropsJson from './data/drops.json';
import kinJson from './data/kin.json';
import guidelinesJson from './data/guidelines.json';
import oilsJson from './data/oils.json';
import vesselsJson from './data/vessels.json';
import type { z } from 'zod';
import type {
  Base,
  basesFile,
  cappedFile,
  cautionsFile,
  ConstituentLimit,
  constituentLimitsFile,
  dropsFile,
  DropSchoolId,
  Guidelines,
  Oil,
  oilsFile,
  UsualVessel,
  vesselsFile,
} from './schema';

// The shipped files are parsed against their schemas in library.test.ts, not at
// every start: what remains here is to tell the compiler so.
const oilsData = oilsJson as unknown as z.infer<typeof oilsFile>;
const basesData = basesJson as unknown as z.infer<typeof basesFile>;
const capped = cappedJson as unknown as z.infer<typeof cappedFile>;
const constituentLimitsData = constituentLimitsJson as unknown as z.infer<
  typeof constituentLimitsFile
>;
const vesselsData = vesselsJson as unknown as z.infer<typeof vesselsFile>;
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
export const usualVessels: readonly UsualVessel[] = vesselsData.vessels;
export const dropFigures = dropsData;

/** Where the library's figures come from, in sentences for people. */
export const provenance = {
  oils: oilsData.provenance,
  bases: basesData.provenance,
  chemistry: constituentLimitsData.provenance,
  vessels: vesselsData.provenance,
} as const;

/** Kinds of base that go into a bottle; waxes, butters and dry matter do not. */
const pouring: ReadonlySet<Base['kind']> = new Set([
  'oil',
  'antioxidant',
  'solubiliser',
  'alcohol',
  'aqueous',
]);

const pours = ({ kind }: Base): boolean => pouring.has(kind);

/** All oils: the shipped ones as the house has them, and the house's own. */
export let oils: readonly Oil[] = [...shippedOils];
/** All bases. */
export let bases: readonly Base[] = [...shippedBases];
/** The bases that pour: carriers, and what is added to them. */
export let carriers: readonly Base[] = bases.filter(pours);
/** Counts up whenever other materials are laid over, for what is worked out once and kept. */
export let libraryRevision = 0;

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

let oilsById = byId(oils);
let basesById = byId(bases);
/** Materials that were taken out of the house: what was made of them can still be read. */
let gone: HouseMaterials = { oils: [], bases: [] };
const vesselsById = byId(usualVessels);

/** What a house lays over the shipped library: the same id takes the place of what is shipped. */
export interface HouseMaterials {
  readonly oils: readonly Oil[];
  readonly bases: readonly Base[];
}

const laidOver = <T extends { readonly id: string }>(
  shipped: readonly T[],
  own: readonly T[],
): readonly T[] => [...byId([...shipped, ...own]).values()];

/**
 * One library at a time: what is a house's own lies over what is shipped, and takes the
 * place of what was laid over it before.
 *
 * @param before what was taken out of the house: found by its id, and never offered
 */
export const layOver = (
  house: HouseMaterials,
  before: HouseMaterials = { oils: [], bases: [] },
): void => {
  oils = laidOver(shippedOils, house.oils);
  bases = laidOver(shippedBases, house.bases);
  carriers = bases.filter(pours);
  oilsById = byId(oils);
  basesById = byId(bases);
  gone = before;
  libraryRevision += 1;
};
const dropSchoolsById = byId(dropFigures.schools);

const kinById = new Map(kinJson.kin.map(({ from, to }) => [from, to]));

/** A kind of the same plant or name that is held back less, where there is one. */
export const milderKin = (id: string): Oil | undefined => oilsById.get(kinById.get(id) ?? '');

const among = <T extends { readonly id: string }>(list: readonly T[], id: string): T | undefined =>
  list.find((one) => one.id === id);

export const findOil = (id: string): Oil | undefined => oilsById.get(id) ?? among(gone.oils, id);
export const findBase = (id: string): Base | undefined =>
  basesById.get(id) ?? among(gone.bases, id);

/** True for what can still be read of, and was taken out of the house. */
export const isGone = (id: string): boolean =>
  !oilsById.has(id) &&
  !basesById.has(id) &&
  (among(gone.oils, id) ?? among(gone.bases, id)) !== undefined;

/** Where the materials of a blend are looked up by their id. */
export interface Lookup {
  readonly oil: (id: string) => Oil | undefined;
  readonly base: (id: string) => Base | undefined;
}

/** The library as the house has it now. */
export const houseLookup: Lookup = { oil: findOil, base: findBase };
export const findVessel = (id: string): UsualVessel | undefined => vesselsById.get(id);

/** Drops to the ml in a school. */
export const dropsPerMl = (school: DropSchoolId): number => {
  const found = dropSchoolsById.get(school);
  if (!found) throw new Error(`no drop school ${school}`);
  return found.perMl;
};
