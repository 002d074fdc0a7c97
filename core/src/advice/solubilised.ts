import { cautions, type Catalog } from '../catalog';
import type { Calculated } from '../drops';
import type { Recipe } from '../recipe';
import type { SuggestedChange } from './change';

/** What is added where nothing takes up the oil; one that is in it already is made more. */
const usualSolubiliser = 'polysorbate_20';

/** No bath and no spray holds more than this of it, in percent. */
const mostPercent = 50;

const fats: ReadonlySet<string> = new Set(['oil', 'butter', 'wax']);

/** True where oil floats on water, in the bottle or in the bath, for want of what takes it up. */
const floats = ({ evaluation: { findings } }: Calculated): boolean =>
  findings.some(
    ({ rule, reason }) =>
      rule === 'kind' &&
      reason.code === 'kind' &&
      ['bath-undispersed', 'bath-solubiliser', 'water-floats'].includes(reason.what),
  );

/** As much solubiliser as takes up the oil, where no fat carries it off; none where none is wanting. */
export const solubilised = (
  catalog: Pick<Catalog, 'base'>,
  recipe: Recipe,
  done: Calculated,
): SuggestedChange[] => {
  const { mixture } = done.evaluation;
  if (!floats(done) || mixture.bases.some(({ base }) => fats.has(base.kind))) return [];
  // Something must be left that gives way to it.
  if (!recipe.bases.some(({ amount }) => amount?.unit === 'parts')) return [];
  const id =
    mixture.bases.find(({ base }) => base.kind === 'solubiliser')?.base.id ?? usualSolubiliser;
  const density = catalog.base(id)?.densityGPerMl ?? 1;
  const oilMl = mixture.oils.reduce((total, { ml }) => total + ml.likely, 0);
  const neededMl = cautions.bath.solubiliserParts * oilMl;
  const share =
    recipe.by === 'weight'
      ? (neededMl * density) / mixture.totalG.likely
      : neededMl / mixture.fillMl;
  // Up to the next tenth, and a little for what drops of it vary.
  const percent = Math.ceil(1010 * share) / 10;
  return percent > 0 && percent <= mostPercent ? [{ kind: 'solubilise', id, percent }] : [];
};
