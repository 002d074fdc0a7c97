export { readUnits, type ReadUnit, type WrittenAmount } from './amounts';
export { containerTaken, type FoundContainer } from './containers';
export type { ReadIngredient } from './ingredients';
export { issuesOf, type ReadIssue } from './issues';
export type { LineRole, ReadRecipe, RoledLine } from './reader';
export { readRecipes } from './readRecipes';
export { mostLetters } from './source';
export { understoodAs } from './understoodAs';
export { type Choices, recipeOfRead, type TakenRecipe, usualFor } from './toRecipe';
