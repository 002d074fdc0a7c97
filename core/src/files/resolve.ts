import { measured } from '../blend/drops';
import type { Formula, FormulaOil, OilMeasure } from '../blend/formula';
import { fillMl, usualVessel, type Vessel } from '../brief/vessel';
import type { Blend } from '../dose/blend';
import { oilInBottle, onShelf } from '../keep/shelf';
import { findCarrier, findOil } from '../library/library';
import type { BlendFile } from './blendFile';

const measureOf = (entry: BlendFile['oils'][number], fill: number): OilMeasure => {
  if (entry.drops !== undefined) return { by: 'drops', drops: entry.drops };
  if (entry.ml !== undefined) return { by: 'ml', ml: entry.ml };
  if (entry.g !== undefined) return { by: 'g', g: entry.g };
  if (entry.percent !== undefined) return { by: 'ml', ml: (entry.percent / 100) * fill };
  return { by: 'parts', parts: entry.parts ?? 0 };
};

const known = <T>(found: T | undefined, what: string): T => {
  // The schema has already asked the library; this tells the compiler so.
  if (found === undefined) throw new Error(`unknown ${what}`);
  return found;
};

const vesselOf = (vessel: BlendFile['vessel']): Vessel =>
  'id' in vessel ? known(usualVessel(vessel.id), 'vessel') : { id: null, ...vessel };

const resolve = (file: BlendFile, made: boolean): Blend => {
  const vessel = vesselOf(file.vessel);
  return {
    name: file.name,
    purpose: file.purpose ?? '',
    brief: file.brief,
    school: file.school,
    count: file.count,
    formula: {
      vessel,
      dropSchool: file.dropSchool,
      ...(file.target ? { targetPercent: file.target.percent } : {}),
      oils: file.oils.map((entry): FormulaOil => {
        const oil = known(findOil(entry.id), 'oil');
        const shelf = onShelf(entry.id);
        const dropMl = entry.dropMl ?? (made ? undefined : shelf?.dropMl);
        const bottle = made ? entry.bottle : shelf?.bottle;
        // What a laboratory finds later is true of the bottle that it was before.
        const analysis = bottle && shelf?.bottle.lot === bottle.lot ? shelf.analysis : null;
        return {
          oil: oilInBottle(oil, analysis),
          measure: measureOf(entry, fillMl(vessel)),
          ...(dropMl ? { dropMl } : {}),
          ...(bottle ? { bottle } : {}),
        };
      }),
      bases: file.bases.map(({ id, parts, bottle: was }) => {
        const bottle = made ? was : onShelf(id)?.bottle;
        return { base: known(findCarrier(id), 'carrier'), parts, ...(bottle ? { bottle } : {}) };
      }),
    },
  };
};

/** Looks the ids of a parsed file up in the library, and its materials on the shelf. */
export const resolveBlend = (file: BlendFile): Blend => resolve(file, false);

/** A batch as it was made: from the bottles of that day, with the drops of that day. */
export const resolveMade = (file: BlendFile): Blend => resolve(file, true);

/** What the oils take of the vessel on likely drops, parts aside, and what it takes at most. */
export const roomFor = (formula: Formula): { readonly oilMl: number; readonly fillMl: number } => ({
  oilMl: formula.oils.reduce(
    (total, entry) => total + measured(entry, formula.dropSchool, 0).ml.likely,
    0,
  ),
  fillMl: fillMl(formula.vessel),
});
