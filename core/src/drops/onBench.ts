import { oilInBottle, type Analysis, type Catalog, type Oil } from '../catalog';
import type { FormulaOil } from '../mixture';
import { isPossibleDrop } from '../quantity';
import type { RecipeOil } from '../recipe';

/** Analyses of the bottles from which a batch came, by id of the oil. */
export type Analyses = Readonly<Record<string, Analysis>>;

/** What a laboratory found since is true of the bottle that it was: the same lot, by its number. */
const laterAnalysis = (
  bottle: RecipeOil['bottle'],
  open: ReturnType<Catalog['openBottle']>,
): Analysis | null =>
  bottle && bottle.lot.trim() !== '' && open?.bottle.lot === bottle.lot ? open.analysis : null;

/** The bottle of what is left of a batch, where no other is open. */
const leftoverOf = ({ leftover }: Oil): RecipeOil['bottle'] =>
  leftover && { ...leftover, because: 'printed' };

/**
 * An oil as it is on the bench: from the bottle that is open today, with its measured drop
 * and analysis.
 *
 * @param made what a batch carries of that: then bottle and drop are those of its day
 */
export const onBench = (
  catalog: Catalog,
  entry: RecipeOil,
  oil: Oil,
  made: Analyses | null,
): Omit<FormulaOil, 'measure'> => {
  const open = catalog.openBottle(entry.id);
  // What was kept of earlier and cannot be a drop was miscounted; files with it are refused.
  const written = entry.dropMl && isPossibleDrop(entry.dropMl) ? entry.dropMl : undefined;
  const dropMl = written ?? (made ? undefined : open?.dropMl);
  const bottle = made ? entry.bottle : (open?.bottle ?? entry.bottle ?? leftoverOf(oil));
  const analysis = made
    ? (laterAnalysis(bottle, open) ?? made[entry.id] ?? null)
    : (open?.analysis ?? null);
  return {
    oil: oilInBottle(oil, analysis),
    ...(dropMl ? { dropMl } : {}),
    ...(bottle ? { bottle } : {}),
  };
};
