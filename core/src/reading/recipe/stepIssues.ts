import type { Base, Catalog } from '../../catalog';
import { plainLetters } from '../../quantity';
import type { Mention, ReadRecipe } from './draft';
import { isOilIngredient } from './estimate';
import type { ReadIngredient } from './readIngredient';
import type { ReadIssue } from './readIssue';

/** What bases an ingredient may be. */
export const basesOf = (catalog: Catalog, { candidates }: ReadIngredient): readonly Base[] =>
  candidates.flatMap((id) => catalog.base(id) ?? []);

/** What a step may ask for by its kind alone. */
const needs: readonly (readonly [RegExp, string, readonly string[]])[] = [
  [/\b(?:wax|beeswax)\b/, 'a wax', ['wax']],
  [/\bemulsif(?:ier|ying wax)\b/, 'an emulsifier', ['emulsifier']],
  [/\bpreservative\b/, 'a preservative', ['preservative']],
  [/\bwhip\b/, 'a butter', ['butter', 'wax']],
  [/\bbutters?\b/, 'a butter', ['butter']],
  [/\b(?:essential oils|eos)\b/, 'essential oils', ['essential']],
  [/\b(?:carrier oils?|base oil)\b/, 'a carrier oil', ['oil', 'butter']],
];

const isNamed = (ingredients: readonly ReadIngredient[], ids: readonly string[]): boolean =>
  ingredients.some(({ candidates }) => candidates.some((id) => ids.includes(id)));

/** What steps name or need, and no list has. */
export const stepIssues = (recipe: ReadRecipe, catalog: Catalog): ReadIssue[] => {
  const { ingredients, mentions, steps } = recipe;
  const seen = new Set<string>();
  const missing = (kind: Mention['kind']): Mention[] =>
    mentions.filter(({ ids, kind: of }) => {
      const key = ids.join('|');
      if (of !== kind || isNamed(ingredients, ids) || seen.has(key)) return false;
      seen.add(key);
      return true;
    });
  const kinds = new Set(
    ingredients.flatMap((ingredient) => [
      ...(isOilIngredient(ingredient) ? ['essential'] : []),
      ...basesOf(catalog, ingredient).map(({ kind }) => kind as string),
      // What no one here knows may be what a step needs.
      ...(ingredient.candidates.length === 0 && !isOilIngredient(ingredient) ? ['unknown'] : []),
    ]),
  );
  const all = plainLetters(steps.join(' \n '));
  const general = kinds.has('unknown')
    ? []
    : needs
        .filter(
          ([pattern, , wanted]) => pattern.test(all) && !wanted.some((kind) => kinds.has(kind)),
        )
        .map(([, what]) => what);
  const bases = missing('base');
  return [
    ...missing('oil').map(({ text: said, ids, step }): ReadIssue => ({
      code: 'oil-not-listed',
      text: said,
      ids,
      step,
    })),
    ...bases.map(({ text: said, ids }): ReadIssue => ({ code: 'step-needs', what: said, ids })),
    ...general
      .filter(
        (what) =>
          !bases.some(
            ({ text: said }) =>
              what.endsWith(plainLetters(said)) ||
              said.toLowerCase().includes(what.split(' ').pop() ?? ''),
          ),
      )
      .map((what): ReadIssue => ({ code: 'step-needs', what, ids: [] })),
  ];
};
