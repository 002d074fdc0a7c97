export { asIngredient } from './asIngredient';
export {
  isAsPlanned,
  recipeAsMade,
  recipeAsPlanned,
  type WearerChange,
  wearerChanges,
} from './again';
export { nextBatchNumber, serialOf } from './batchNumber';
export { type BestBefore, mixtureBestBefore } from './bestBefore';
export { type Made, type MadeContainer, madeOf } from './made';
export { madeBestBefore, madeFindings, summaryOf } from './madeSummary';
export { type MadeContents, type MadeSummary, madeSummarySchema } from './outcome';
