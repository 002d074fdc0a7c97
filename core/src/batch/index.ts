export {
  type Added,
  addedMl,
  amendedEvents,
  amendedMade,
  dropsToStrength,
  largerFor,
  roomMl,
} from './amend';
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
export { type Made, type MadeContainer, madeFromTally, madeOf, materialsIn } from './made';
export { madeBestBefore, madeFindings, summaryOf } from './madeSummary';
export { type Taken, usageOf } from './taken';
export { type MadeContents, type MadeSummary, madeSummarySchema } from './outcome';
export {
  canBeRead,
  type Clearance,
  clearanceFor,
  dueAt,
  isOn,
  type PatchTest,
  patchTestSchema,
  type ReadAt,
  readAtHours,
  type SkinSign,
  skinSigns,
  type Somebody,
  standingOf,
  type TestStanding,
  worstSign,
} from './patchTest';
export { piecesLeft, type Recipient, recipientSchema } from './recipient';
export {
  batchesWith,
  bottlesOf,
  type Suspect,
  suspectsOf,
  type TrailBatch,
  type TrailBottle,
} from './trail';
