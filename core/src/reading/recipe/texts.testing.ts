import { readFileSync } from 'node:fs';

/** An ingredient that must come out of a text. */
export interface Wanted {
  /** Several where the name may be several; none where nobody can know it. */
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
    ingredients: lines.filter((line) => !/^[@%!]/.test(line)).map(wantedOf),
    container: after('@') ?? null,
    percent: percent === undefined ? null : Number(percent),
    issues: (after('!') ?? '').split(' ').filter(Boolean),
  };
};

/** Texts of recipes, from tidy to terrible, with what must come out of each. */
export const recipeTexts: readonly RecipeText[] = readFileSync(
  new URL('./texts.txt', import.meta.url),
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
