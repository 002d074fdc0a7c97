import { materialsUsed, type OwnMaterial } from '../catalog';
import { pouredIds, preDilutionsIn, type Recipe } from '../recipe';
import type { BlendFile3 } from './blendFile2';

const withoutNull = <T extends { readonly amount: unknown }>({ amount, ...rest }: T) =>
  amount === null ? rest : { ...rest, amount };

/**
 * The file of a recipe. Who in the house it is for stays there; what is known of a wearer goes
 * with it where the recipe names one.
 *
 * @param own materials and figures of the house's own: those that are in it go with it
 */
export const fileOf = (recipe: Recipe, own: readonly OwnMaterial[] = []): BlendFile3 => {
  const {
    wearer,
    place,
    alsoOn,
    nightOnly,
    timesPerDay,
    personId: _personId,
    ...brief
  } = recipe.brief;
  const materials = materialsUsed(own, pouredIds(recipe));
  const preDilutions = preDilutionsIn(recipe);
  return {
    format: 'jubbet-blend',
    version: 3,
    name: recipe.name,
    ...(recipe.purpose ? { purpose: recipe.purpose } : {}),
    ...(recipe.notes ? { notes: recipe.notes } : {}),
    ...(recipe.tags.length > 0 ? { tags: recipe.tags } : {}),
    brief: {
      ...(wearer === null ? {} : { wearer }),
      ...(place === null ? {} : { place }),
      ...(alsoOn && alsoOn.length > 0 ? { alsoOn } : {}),
      ...(nightOnly ? { nightOnly } : {}),
      ...brief,
      ...(timesPerDay === null ? {} : { timesPerDay }),
    },
    containers: recipe.containers,
    by: recipe.by,
    guideline: recipe.guideline,
    dropsPerMl: recipe.dropsPerMl,
    ...(recipe.target ? { target: recipe.target } : {}),
    oils: recipe.oils.map((oil) => withoutNull(oil) as BlendFile3['oils'][number]),
    ...(preDilutions.length > 0 ? { preDilutions: [...preDilutions] } : {}),
    bases: recipe.bases.map((base) => withoutNull(base) as BlendFile3['bases'][number]),
    ...(recipe.mixedInOne ? { mixedInOne: true } : {}),
    ...(recipe.lossPercent > 0 ? { lossPercent: recipe.lossPercent } : {}),
    ...(recipe.whipPercent === null ? {} : { whipPercent: recipe.whipPercent }),
    ...(recipe.useMl === null ? {} : { useMl: recipe.useMl }),
    ...(recipe.useCount === undefined ? {} : { useCount: recipe.useCount }),
    ...(Object.keys(recipe.stepWords).length > 0 ? { steps: recipe.stepWords } : {}),
    ...(recipe.parentVersion === null ? {} : { parentVersion: recipe.parentVersion }),
    ...(recipe.notUnderstood.length > 0 ? { notUnderstood: recipe.notUnderstood } : {}),
    ...(materials.length > 0 ? { materials } : {}),
  };
};

/** A blend as the text of a file, to be read by people too. */
export const writeBlend = (file: BlendFile3): string => `${JSON.stringify(file, null, 2)}\n`;
