export {
  type Choices,
  type FoundContainer,
  issuesOf,
  type LineRole,
  mostLetters,
  notUnderstoodIn,
  type ReadIngredient,
  type ReadIssue,
  readRecipes,
  type ReadRecipe,
  type ReadUnit,
  recipeOfRead,
  type RoledLine,
  type SaidUse,
  saidUse,
  type TakenRecipe,
  understoodAs,
  usualFor,
  type WrittenAmount,
} from './recipe';
export { type AnalysisProblem, readAnalysis, type ReadAnalysis } from './analysis';
export {
  type ReadShelf,
  readShelf,
  type ShelfColumn,
  type ShelfLine,
  type ShelfLineProblem,
} from './shelfTable';
