export {
  type BaseAmount,
  baseAmountSchema,
  type DropsAmount,
  isIn,
  type LooseAmount,
  exactOilAmountSchema,
  mostDrops,
  type OilAmount,
  oilAmountSchema,
  valueIn,
} from './amount';
export { type AmountOf, readAmountInUnit } from './amountInUnit';
export {
  addBase,
  addNotUnderstood,
  addOil,
  answerBrief,
  basesWrittenBy,
  changeBrief,
  choosePlace,
  clearNotUnderstood,
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
  setTargetUpTo,
  setWearer,
  swapOil,
  toggleAlsoOn,
  withAmount,
  type WrittenBy,
} from './edits';
export { briefOf, type Gap, gapsOf } from './gaps';
export { type History, type HistoryAction, historyAfter, historyOf } from './history';
export {
  aimOf,
  type By,
  type ContainerLine,
  emptyRecipe,
  firstLine,
  forAnyone,
  type Guideline,
  guidelineSchema,
  type Recipe,
  type RecipeBase,
  recipeBaseSchema,
  recipeBriefSchema,
  type RecipeContainer,
  type RecipeOil,
  recipeSchema,
  type Target,
  targetSchema,
  usualDropsPerMl,
} from './recipe';
export { onlyOnce, recipeOilSchema } from './recipeOil';
export { isPreDilutionId, type PreDilution, preDilutionSchema } from './preDilution';
export {
  nextPreDilutionId,
  oilIdsIn,
  pouredIds,
  preDilutionsIn,
  withPreDilution,
} from './preDilutionsIn';
export { materialSaid } from './materialSaid';
export { readBaseAmount, readOilAmount, type SaidProblem } from './saidAmount';
