export { type Blend, judgedAs } from './blend';
export { containerOf, fillingsOf, isMixedInOne } from './containers';
export { countOil } from './countOil';
export { equalDrops } from './equalDrops';
export { evaluate, type Evaluation } from './evaluate';
export { measuredBy, type Way, weighOils, writeBases, writeOils } from './rewrite';
export {
  intoContainer,
  type Scaled,
  type ScaleProblem,
  timesAsMuch,
  timesSmaller,
  toContainers,
  withCounts,
} from './scale';
export { settleMade } from './settle';
export { isAboutRoom, type SettleProblem } from './settleProblem';
export { withPaste } from './paste';
export { withWax, withWaxPercent } from './waxShare';
export { type DropPlan, type LimitName, wholeDrops } from './wholeDrops';
export { asSettled, sureDrops, type Calculated, type WorkedOut, workOut } from './workOut';
