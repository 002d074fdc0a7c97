import type { Catalog } from '@jubbet/core/catalog';
import { notUnderstoodIn, readRecipes, recipeOfRead } from '@jubbet/core/reading';
import { addNotUnderstood, usualDropsPerMl, type Edit } from '@jubbet/core/recipe';
import { countedWords, formatList } from '@jubbet/core/words';

/**
 * Oils of a list that was pasted, added with their amounts. What may be several is not guessed, and
 * what is in already stays as it is.
 *
 * @param taken ids of the oils that are in
 */
export const addListed = (
  catalog: Catalog,
  text: string,
  taken: readonly string[],
): { readonly edit: Edit; readonly words: string } => {
  const read = readRecipes(text, catalog);
  const ingredients = read.flatMap((recipe) => recipe.ingredients);
  // What must never go on skin is typed by name: the field says why not.
  const isAddable = (id: string): boolean => !taken.includes(id) && !catalog.oil(id)?.forbidden;
  const certain = ingredients.filter(
    ({ materialId, kind, isAlternative }) =>
      materialId !== null && kind === 'oil' && !isAlternative && isAddable(materialId),
  );
  const rest = ingredients.filter((ingredient) => !certain.includes(ingredient));
  // An oil of the list that is not in the blend is asked about until somebody says what it is.
  const unread = [
    ...rest
      .filter(({ candidates, kind }) => candidates.length !== 1 && kind !== 'base')
      .map((ingredient) => ingredient.text),
    ...read.flatMap((recipe) => notUnderstoodIn(recipe, catalog)),
  ];
  const [first] = read;
  const oils = first
    ? recipeOfRead({ ...first, ingredients: certain }, '', catalog, {
        materials: {},
        ounce: 'volume',
        country: 'metric',
        dropsPerMl: usualDropsPerMl,
        guideline: 'clinical',
      }).recipe.oils
    : [];
  const left = formatList(rest.map((readIngredient) => `“${readIngredient.text}”`));
  const added =
    oils.length === 0 ? 'No oil was added' : `${countedWords(oils.length, 'oil')} added`;
  return {
    edit: (recipe) => ({
      ...addNotUnderstood(unread)(recipe),
      oils: [
        ...recipe.oils,
        ...oils.filter(({ id }) => !recipe.oils.some((oil) => oil.id === id)),
      ].slice(0, 60),
    }),
    words: rest.length === 0 ? `${added}.` : `${added}. Not added: ${left}. Choose them by name.`,
  };
};
