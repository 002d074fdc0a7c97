import { unique } from '../quantity';
import type { PreDilution } from './preDilution';
import type { Recipe } from './recipe';

type Mixed = Pick<Recipe, 'oils' | 'bases' | 'preDilutions'>;

/** The pre-dilutions that go into it. */
export const preDilutionsIn = ({
  oils,
  preDilutions = [],
}: Pick<Mixed, 'oils' | 'preDilutions'>): readonly PreDilution[] =>
  preDilutions.filter(({ id }) => oils.some((oil) => oil.id === id));

/** The id of the next pre-dilution of a recipe. */
export const nextPreDilutionId = ({ preDilutions = [] }: Pick<Recipe, 'preDilutions'>): string => {
  let n = 1;
  while (preDilutions.some(({ id }) => id === `own-mix-${n}`)) n += 1;
  return `own-mix-${n}`;
};

/** Ids of the oils in it, those of a pre-dilution in its place. */
export const oilIdsIn = (recipe: Pick<Mixed, 'oils' | 'preDilutions'>): string[] =>
  unique(
    recipe.oils.flatMap(
      ({ id }) =>
        recipe.preDilutions?.find((mixed) => mixed.id === id)?.oils.map((oil) => oil.id) ?? [id],
    ),
  );

/** Ids of all that comes out of a bottle: of a pre-dilution what it is mixed from. */
export const pouredIds = (recipe: Mixed): string[] =>
  unique([
    ...oilIdsIn(recipe),
    ...recipe.bases.map(({ id }) => id),
    ...preDilutionsIn(recipe).map(({ carrier }) => carrier.id),
  ]);

/** So many drops of a pre-dilution as the only oil. */
export const withPreDilution =
  (mixed: PreDilution, drops: number) =>
  (recipe: Recipe): Recipe => ({
    ...recipe,
    target: null,
    oils: [{ id: mixed.id, amount: { unit: 'drops', value: drops } }],
    preDilutions: [mixed],
  });
