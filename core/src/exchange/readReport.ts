import type { Catalog } from '../catalog';
import {
  issuesOf,
  notUnderstoodIn,
  readRecipes,
  saidUse,
  type FoundContainer,
  type ReadIngredient,
  type ReadIssue,
  type SaidUse,
  type WrittenAmount,
} from '../reading';
import { readIssueWords } from '../words';

/** What a text holds, as data: the report of `npm run read`. */
export interface ReadingReport {
  readonly recipes: readonly RecipeReport[];
}

/** An amount as it was written; of a range with both ends, of a sum with what is added. */
type AmountReport = Omit<WrittenAmount, 'typed' | 'readings'>;

interface RecipeReport {
  readonly title: string;
  readonly container:
    | (Pick<FoundContainer, 'text' | 'kind' | 'count' | 'id'> & {
        readonly size: AmountReport | null;
      })
    | null;
  readonly ingredients: readonly (Pick<
    ReadIngredient,
    'text' | 'materialId' | 'candidates' | 'confidence'
  > & {
    readonly amount: AmountReport | null;
    /** Both readings of an amount that has two. */
    readonly readings?: readonly string[];
    readonly also?: AmountReport;
    readonly fill?: true;
    readonly optional?: true;
    readonly alternative?: true;
  })[];
  readonly target: {
    readonly percent: number;
    readonly upTo?: number;
    readonly text: string;
  } | null;
  /** What the text says of its use, as far as it says anything. */
  readonly use?: Partial<SaidUse>;
  readonly steps: readonly string[];
  readonly issues: readonly {
    readonly code: ReadIssue['code'];
    readonly text: string;
    readonly facts: Readonly<Record<string, unknown>>;
  }[];
  readonly leftOver: readonly string[];
  readonly notUnderstood: readonly string[];
}

const amountReport = ({ typed: _, readings: __, ...rest }: WrittenAmount): AmountReport => rest;

const factsOf = ({ code: _, ...facts }: ReadIssue): Readonly<Record<string, unknown>> => facts;

const useReport = (said: SaidUse): Pick<RecipeReport, 'use'> => {
  const use = Object.fromEntries(
    Object.entries(said).filter(([, value]) => value !== null && value !== false && value !== ''),
  ) as Partial<SaidUse>;
  return Object.keys(use).length > 0 ? { use } : {};
};

/** Reads every recipe of a text, with what does not add up in each. Nonsense has none. */
export const readingReport = (text: string, catalog: Catalog): ReadingReport => ({
  recipes: readRecipes(text, catalog).map((recipe) => ({
    title: recipe.title,
    container: recipe.container && {
      text: recipe.container.text,
      kind: recipe.container.kind,
      size: recipe.container.size && amountReport(recipe.container.size),
      count: recipe.container.count,
      id: recipe.container.id,
    },
    ingredients: recipe.ingredients.map((ingredient) => ({
      text: ingredient.text,
      materialId: ingredient.materialId,
      candidates: ingredient.candidates,
      amount: ingredient.amount && amountReport(ingredient.amount),
      confidence: ingredient.confidence,
      ...(ingredient.amountReadings.length > 0 && { readings: ingredient.amountReadings }),
      ...(ingredient.secondAmount && { also: amountReport(ingredient.secondAmount) }),
      ...(ingredient.isFill && { fill: true as const }),
      ...(ingredient.isOptional && { optional: true as const }),
      ...(ingredient.isAlternative && { alternative: true as const }),
    })),
    target: recipe.target && {
      percent: recipe.target.percent,
      ...(recipe.target.upTo !== undefined && { upTo: recipe.target.upTo }),
      text: recipe.target.text,
    },
    ...useReport(saidUse(recipe)),
    steps: recipe.steps,
    issues: issuesOf(recipe, catalog).map((issue) => ({
      code: issue.code,
      text: readIssueWords(catalog, issue),
      facts: factsOf(issue),
    })),
    leftOver: recipe.leftOver,
    notUnderstood: [
      ...recipe.ingredients
        .filter(({ candidates }) => candidates.length === 0)
        .map((ingredient) => ingredient.text),
      ...notUnderstoodIn(recipe, catalog),
    ],
  })),
});
