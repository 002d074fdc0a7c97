import ambiguousNamesJson from './data/ambiguous-names.json';
import carriersJson from './data/carriers.json';
import dropsJson from './data/drops.json';
import kinJson from './data/kin.json';
import guidelinesJson from './data/guidelines.json';
import oilsJson from './data/oils.json';
import vesselsJson from './data/vessels.json';
import type { z } from 'zod';
import type {
  ambiguousNamesFile,
  Carrier,
  carriersFile,
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
const carriersData = carriersJson as unknown as z.infer<typeof carriersFile>;
const vesselsData = vesselsJson as unknown as z.infer<typeof vesselsFile>;
const dropsData = dropsJson as unknown as z.infer<typeof dropsFile>;
const ambiguousData = ambiguousNamesJson as unknown as z.infer<typeof ambiguousNamesFile>;

/** Strength by age, place and stage, light, conditions: what the rules read. */
export const guidelines = guidelinesJson as unknown as Guidelines;

export const oils: readonly Oil[] = oilsData.oils;
export const carriers: readonly Carrier[] = carriersData.carriers;
export const usualVessels: readonly UsualVessel[] = vesselsData.vessels;
export const dropFigures = dropsData;
export const ambiguousNames = ambiguousData.names;

/** Where the library's figures come from, in sentences for people. */
export const provenance = {
  oils: oilsData.provenance,
  carriers: carriersData.provenance,
  vessels: vesselsData.provenance,
} as const;

const byId = <T extends { readonly id: string }>(rows: readonly T[]): ReadonlyMap<string, T> =>
  new Map(rows.map((row) => [row.id, row]));

const oilsById = byId(oils);
const carriersById = byId(carriers);
const vesselsById = byId(usualVessels);
const dropSchoolsById = byId(dropFigures.schools);

const kinById = new Map(kinJson.kin.map(({ from, to }) => [from, to]));

/** A kind of the same plant or name that is held back less, where there is one. */
export const milderKin = (id: string): Oil | undefined => oilsById.get(kinById.get(id) ?? '');

export const findOil = (id: string): Oil | undefined => oilsById.get(id);
export const findCarrier = (id: string): Carrier | undefined => carriersById.get(id);
export const findVessel = (id: string): UsualVessel | undefined => vesselsById.get(id);

/** Drops to the ml in a school. */
export const dropsPerMl = (school: DropSchoolId): number => {
  const found = dropSchoolsById.get(school);
  if (!found) throw new Error(`no drop school ${school}`);
  return found.perMl;
};
