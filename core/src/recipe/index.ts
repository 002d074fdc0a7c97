export {
  type BaseAmount,
  baseAmountSchema,
  isIn,
  type LooseAmount,
  mostDrops,
  type OilAmount,
  oilAmountSchema,
  valueIn,
} from './amount';
export { type AmountOf, readAmountInUnit } from './amountInUnit';
export {
  addBase,
  addOil,
  basesWrittenBy,
  changeBrief,
  type Edit,
  isRest,
  lockDrops,
  oilsWrittenBy,
  removeBase,
  removeOil,
  setBaseAmount,
  setContainers,
  setFirstContainer,
  setMixing,
  setOilAmount,
  setTarget,
  swapOil,
  withAmount,
  type WrittenBy,
} from './edits';
export { briefOf, type Gap, gapsOf } from './gaps';
export { type History, type HistoryAction, historyAfter, historyOf } from './history';
export {
  type By,
  type ContainerLine,
  emptyRecipe,
  firstLine,
  forAnyone,
  type Guideline,
  guidelineSchema,
  onlyOnce,
  type Recipe,
  type RecipeBase,
  recipeBaseSchema,
  recipeBriefSchema,
  type RecipeContainer,
  type RecipeOil,
  recipeOilSchema,
  recipeSchema,
  usualDropsPerMl,
} from './recipe';
export { readBaseAmount, readOilAmount, type SaidProblem } from './saidAmount';
