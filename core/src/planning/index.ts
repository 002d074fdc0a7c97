export { datesToMind, inTurn, runningOut, type Todo, toReview } from './needsDoing';
export type { BatchTask, Pace } from './batchTasks';
export {
  type ContainerNeed,
  type ContainerRow,
  type GiftPlan,
  isContainer,
  patchTestMinutes,
  type PlannedTask,
  type PlanProblem,
  type WorkedPlan,
  workOutPlan,
} from './giftPlan';
export type { LineProblem, PlannedBatch, PlannedLine } from './lineBatches';
export type { ShelfRow, SoldSize, Supply } from './materials';
export type { Effort, WeeklySpan } from './schedule';
export type { Moment } from './wallClock';
export { ownPace, type TimedBatch } from './ownPace';
