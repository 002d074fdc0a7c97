export { datesToMind, inTurn, runningOut, type Todo, toReview } from './needsDoing';
export type { BatchTask, Pace } from './batchTasks';
export {
  type GiftPlan,
  patchTestMinutes,
  type PlannedTask,
  type PlanProblem,
  type TooMuch,
  type WorkedPlan,
  workOutPlan,
} from './giftPlan';
export { containerKey, type ContainerNeed, type ContainerRow } from './planCost';
export type { LineProblem, PlannedBatch, PlannedLine } from './lineBatches';
export type { ShelfRow, SoldSize, Supply } from './materials';
export type { Effort, WeeklySpan } from './schedule';
export {
  emptyPlan,
  momentSchema,
  mostInPlan,
  type Plan,
  type PlanLine,
  planSchema,
  withContainer,
} from './plan';
export type { Moment } from './wallClock';
export { ownPace, type TimedBatch } from './ownPace';
