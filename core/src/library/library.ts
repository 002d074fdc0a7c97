import ambiguousNamesJson from './data/ambiguous-names.json';
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
  ambiguousNamesFile,
  Base,
  basesFile,
  cappedFile,
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
const ambiguousData = ambiguousNamesJson as unknown as z.infer<typeof ambiguousNamesFile>;

/** Strength by age, place and stage, light, conditions: what the rules read. */
export const guidelines = guidelinesJson as unknown as Guidelines;

export const oils: readonly Oil[] = oilsData.oils.map((oil) => ({
  ...oil,
  capped: capped[oil.id] ?? null,
}));
export const bases: readonly Base[] = basesData.bases;
/** The bases that pour. */
export const carriers: readonly Base[] = bases.filter(({ kind }) => kind === 'oil');
/** Caps on constituents across all oils of a blend. */
export const constituentLimits: readonly ConstituentLimit[] = constituentLimitsData.limits;
export const usualVessels: readonly UsualVessel[] = vesselsData.vessels;
export const dropFigures = dropsData;
export const ambiguousNames = ambiguousData.names;

/** Where the library's figures come from, in sentences for people. */
export const provenance = {
  oils: oilsData.provenance,
  bases: basesData.provenance,
  chemistry: constituentLimitsData.provenance,
  vessels: vesselsData.provenance,
} as const;

const byId = <T extends { readonly id: string }>(rows: readonly T[]): ReadonlyMap<string, T> =>
  new Map(rows.map((row) => [row.id, row]));

const oilsById = byId(oils);
const basesById = byId(bases);
const vesselsById = byId(usualVessels);
const dropSchoolsById = byId(dropFigures.schools);

const kinById = new Map(kinJson.kin.map(({ from, to }) => [from, to]));

/** A kind of the same plant or name that is held back less, where there is one. */
export const milderKin = (id: string): Oil | undefined => oilsById.get(kinById.get(id) ?? '');

export const findOil = (id: string): Oil | undefined => oilsById.get(id);
export const findBase = (id: string): Base | undefined => basesById.get(id);
export const findCarrier = (id: string): Base | undefined => {
  const base = basesById.get(id);
  return base?.kind === 'oil' ? base : undefined;
};
export const findVessel = (id: string): UsualVessel | undefined => vesselsById.get(id);

/** Drops to the ml in a school. */
export const dropsPerMl = (school: DropSchoolId): number => {
  const found = dropSchoolsById.get(school);
  if (!found) throw new Error(`no drop school ${school}`);
  return found.perMl;
};
