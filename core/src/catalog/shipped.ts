import basesJson from './data/bases.json';
import countedJson from './data/counted.json';
import dropsJson from './data/drops.json';
import guidelinesJson from './data/guidelines.json';
import oilsJson from './data/oils.json';
import containersJson from './data/vessels.json';
import type { z } from 'zod';
import type { Base, basesFile, countedFile, Oil, oilsFile } from './schema';
import type { containersFile, dropsFile, UsualContainer } from './containerSchema';
import type { Guidelines } from './guidelineSchema';

// The shipped files are parsed against their schemas when Jubbet is built, not at every start; the
// words of the vocabulary in them are checked where blends are judged.
const oilsData = oilsJson as unknown as z.infer<typeof oilsFile>;
const basesData = basesJson as unknown as z.infer<typeof basesFile>;
const counted = countedJson as unknown as z.infer<typeof countedFile>;
export const containersData = containersJson as unknown as z.infer<typeof containersFile>;
const dropsData = dropsJson as unknown as z.infer<typeof dropsFile>;

/** Strength by age, place and stage, light, conditions: what the rules read. */
export const guidelines = guidelinesJson as unknown as Guidelines;

/** The oils as they are shipped, whatever a house lays over them. */
export const shippedOils: readonly Oil[] = oilsData.oils.map((oil) => ({
  ...oil,
  counted: counted[oil.id] ?? null,
}));
/** The bases as they are shipped. */
export const shippedBases: readonly Base[] = basesData.bases;
export const usualContainers: readonly UsualContainer[] = containersData.containers;
export const dropFigures = dropsData;

/** Drops to the ml of a drop size by its name; throws where there is none of that name. */
export const dropsPerMlOf = (size: string): number => {
  const found = dropFigures.sizes.find(({ id }) => id === size);
  if (!found) throw new Error(`no drop size ${size}`);
  return found.perMl;
};

const byId = <T extends { readonly id: string }>(rows: readonly T[]): ReadonlyMap<string, T> =>
  new Map(rows.map((row) => [row.id, row]));

const containersById = byId(usualContainers);

export const findContainer = (id: string): UsualContainer | undefined => containersById.get(id);
