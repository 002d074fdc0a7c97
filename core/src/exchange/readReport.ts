import type { Catalog } from '../catalog';
import {
  issuesOf,
  readRecipes,
  type FoundContainer,
  type ReadIngredient,
  type ReadIssue,
  type WrittenAmount,
} from '../reading';
import { readIssueWords } from '../words';

/** What a text holds, as data: the report of `npm run read`. */
export interface ReadingReport {
  readonly recipes: readonly RecipeReport[];
}

interface RecipeReport {
  readonly title: string;
  readonly container: Pick<FoundContainer, 'text' | 'kind' | 'size' | 'count' | 'id'> | null;
  readonly ingredients: readonly (Pick<
    ReadIngredient,
    'text' | 'materialId' | 'candidates' | 'amount' | 'confidence'
  > & {
    readonly also?: WrittenAmount;
    readonly fill?: true;
    readonly optional?: true;
    readonly alternative?: true;
  })[];
  readonly target: {
    readonly percent: number;
    readonly upTo?: number;
    readonly text: string;
  } | null;
  readonly steps: readonly string[];
  readonly issues: readonly {
    readonly code: ReadIssue['code'];
    readonly text: string;
    readonly facts: Readonly<Record<string, unknown>>;
  }[];
  readonly leftOver: readonly string[];
}

const factsOf = ({ code: _, ...facts }: ReadIssue): Readonly<Record<string, unknown>> => facts;

/** Reads every recipe of a text, with what does not add up in each. Nonsense has none. */
export const readingReport = (text: string, catalog: Catalog): ReadingReport => ({
  recipes: readRecipes(text, catalog).map((recipe) => ({
    title: recipe.title,
    container: recipe.container && {
      text: recipe.container.text,
      kind: recipe.container.kind,
      size: recipe.container.size,
      count: recipe.container.count,
      id: recipe.container.id,
    },
    ingredients: recipe.ingredients.map((ingredient) => ({
      text: ingredient.text,
      materialId: ingredient.materialId,
      candidates: ingredient.candidates,
      amount: ingredient.amount,
      confidence: ingredient.confidence,
      ...(ingredient.secondAmount && { also: ingredient.secondAmount }),
      ...(ingredient.isFill && { fill: true as const }),
      ...(ingredient.isOptional && { optional: true as const }),
      ...(ingredient.isAlternative && { alternative: true as const }),
    })),
    target: recipe.target && {
      percent: recipe.target.percent,
      ...(recipe.target.upTo !== undefined && { upTo: recipe.target.upTo }),
      text: recipe.target.text,
    },
    steps: recipe.steps,
    issues: issuesOf(recipe, catalog).map((issue) => ({
      code: issue.code,
      text: readIssueWords(catalog, issue),
      facts: factsOf(issue),
    })),
    leftOver: recipe.leftOver,
  })),
});
