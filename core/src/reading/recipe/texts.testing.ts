import { readFileSync } from 'node:fs';
import { shippedCatalog } from '../../catalog';
import { issuesOf, notUnderstoodIn } from './issues';
import type { ReadRecipe } from './draft';
import { readRecipes } from './readRecipes';

/** An ingredient that must come out of a text. */
interface Wanted {
  /** Several where the name may be several; none where no one can know it. */
  readonly ids: readonly string[];
  readonly value: number | null;
  readonly unit: string | null;
  readonly isFill: boolean;
}

/** A recipe that must come out of a text. */
export interface WantedRecipe {
  readonly ingredients: readonly Wanted[];
  readonly container: string | null;
  readonly percent: number | null;
  /** Of what does not add up, which kinds; each once. */
  readonly issues: readonly string[];
  /** What nobody has made anything of, beside ingredients that are not known. */
  readonly notUnderstood: readonly string[];
}

export interface RecipeText {
  readonly name: string;
  readonly text: string;
  readonly recipes: readonly WantedRecipe[];
}

const wantedOf = (line: string): Wanted => {
  const [ids = '', value = '', ...unit] = line.split(' ');
  return {
    ids: ids === '?' ? [] : ids.split('|'),
    value: Number.isNaN(Number(value)) ? null : Number(value),
    unit: unit.length > 0 ? unit.join(' ') : null,
    isFill: value === 'fill',
  };
};

const recipeOf = (block: string): WantedRecipe => {
  const lines = block.split('\n').filter((line) => line.trim() !== '');
  const after = (mark: string) => lines.find((line) => line.startsWith(mark))?.slice(2);
  const percent = after('%');
  return {
    ingredients: lines.filter((line) => !/^[@%!~]/.test(line)).map(wantedOf),
    container: after('@') ?? null,
    percent: percent === undefined ? null : Number(percent),
    issues: (after('!') ?? '').split(' ').filter(Boolean),
    notUnderstood: lines.filter((line) => line.startsWith('~')).map((line) => line.slice(2)),
  };
};

/** Texts of recipes, from tidy to terrible, with what must come out of each. */
export const recipeTexts: readonly RecipeText[] = readFileSync(
  'core/src/reading/recipe/texts.txt',
  'utf8',
)
  .split(/^=== /m)
  .slice(1)
  .map((part) => {
    const [name = '', ...rest] = part.split('\n');
    const [text = '', wanted = ''] = rest.join('\n').split(/^---$/m);
    return {
      name,
      text,
      recipes: wanted.trim() === '' ? [] : wanted.split(/^\+\+\+$/m).map(recipeOf),
    };
  });

/** A recipe in the form in which a text says what must come out. */
export const asWanted = (recipe: ReadRecipe): WantedRecipe => ({
  ingredients: recipe.ingredients.map(({ candidates, amount, isFill }) => ({
    ids: [...candidates],
    value: amount?.value ?? null,
    unit: amount?.unit ?? null,
    isFill,
  })),
  container: recipe.container
    ? [
        recipe.container.kind,
        ...(recipe.container.size ? [recipe.container.size.value, recipe.container.size.unit] : []),
        ...(recipe.container.count > 1 ? [`x${recipe.container.count}`] : []),
      ].join(' ')
    : null,
  percent: recipe.target?.percent ?? null,
  issues: [...new Set(issuesOf(recipe, shippedCatalog).map(({ code }) => code))].sort(),
  notUnderstood: [...notUnderstoodIn(recipe, shippedCatalog)],
});

/** What was found of what there is, and what of what was found is there; both from 0 to 1. */
export interface Score {
  readonly precision: number;
  readonly recall: number;
}

/** A score over several lists: what is found twice counts twice. */
const scoreOf = (
  lists: readonly { readonly wanted: readonly string[]; readonly found: readonly string[] }[],
): Score => {
  let [right, found, wanted] = [0, 0, 0];
  for (const list of lists) {
    const left = [...list.wanted];
    for (const text of list.found) {
      const at = left.indexOf(text);
      if (at >= 0) {
        left.splice(at, 1);
        right += 1;
      }
    }
    found += list.found.length;
    wanted += list.wanted.length;
  }
  return { precision: right / found, recall: right / wanted };
};

/**
 * How well texts are read: their ingredients, with their amounts, what does not add up, and what nobody
 * understood.
 */
export const readingScores = (): Readonly<
  Record<'ingredients' | 'amounts' | 'issues' | 'what is not understood', Score>
> => {
  const pairs = recipeTexts.map(({ text, recipes }) => ({
    wanted: recipes,
    found: readRecipes(text, shippedCatalog).map(asWanted),
  }));
  const of = (say: (recipe: WantedRecipe) => readonly string[]): Score =>
    scoreOf(
      pairs.map(({ wanted, found }) => ({
        wanted: wanted.flatMap(say),
        found: found.flatMap(say),
      })),
    );
  const named = ({ ids }: Wanted): string => [...ids].sort().join('|');
  return {
    ingredients: of(({ ingredients }) => ingredients.map(named)),
    amounts: of(({ ingredients }) =>
      ingredients.map(
        (ingredient) => `${named(ingredient)} ${ingredient.value ?? ''} ${ingredient.unit ?? ''}`,
      ),
    ),
    issues: of(({ issues }) => issues),
    // What is found and not wanted is a “can’t be checked” that is false.
    'what is not understood': of(({ notUnderstood }) => notUnderstood),
  };
};
