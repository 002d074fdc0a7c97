export { basesInIt } from './basesInIt';
export { bottleNow, bottleThen, stepsNow } from './bottle';
export { containerAt } from './container';
export { contentsAt } from './contents';
export { type Clock, type ClockFor, clocksOf } from './clocks';
export { type Cooling, coolingOf, type Reading, reachedAt, readingsOf } from './cooling';
export { eachContainer } from './eachContainer';
export { type WayOn, waysOn } from './extraDrops';
export { type Gate, gateAtStop, gateOf, goesOn, isReason, mayCount, pastLimits } from './gate';
export { dropAt, doneAt, type Press, reopenedAt, takeBackAt } from './press';
export { dropsOnScale, type DropsWeighed, restedG, settledG } from './onScale';
export { canWait, inOrder } from './order';
export { overRim, type OverRim } from './overRim';
export { toleranceG, weighedAs, type WeightWay, weightWays } from './overweight';
export { adjustedBy, mostLooked, roomLeft, type RoomLeft, takenBack } from './roomLeft';
export type { StepContainers } from './plan';
export { stepKey } from './stepKey';
export { type CountStep, isAsPlanned } from './steps/count';
export { preDiluteStepId } from './steps/preDilute';
export { putsOil, type Step } from './steps/registry';
export type { Into } from './steps/weigh';
export { roughTime, type RoughTime } from './roughTime';
export { stepTime, type StepPart } from './stepTime';
export { containerOfStep, stepsOf } from './stepsOf';
export { cameOutLines } from './cameOut';
export { addEvent, currentStep, stepBefore, type Tally, tallyOf } from './tally';
export {
  celsiusBounds,
  type BenchEvent,
  type CameOutLine,
  benchEventSchema,
  type BenchMeasure,
  isAside,
  smelledWhen,
  type EventOf,
  type LogEntry,
  logEntrySchema,
  mostEvents,
  type SomethingElse,
  type Source,
} from './event';
export { packLog, type PackedLog, packedLogSchema, unpackLog } from './packedLog';
export { withUndone } from './undone';
