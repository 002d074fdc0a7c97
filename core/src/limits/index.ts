export { allergiesOf, allergyTo } from './allergies';
export { type CategoryCap, categoryOf } from './categories';
export { contentOf } from './contents';
export {
  finding,
  type Finding,
  type KindCaution,
  type PlaceCaution,
  type PlaceWord,
  type SaleProduct,
} from './finding';
export { ruleFacts, type RuleId, ruleIds } from './ruleIds';
export { isCareful, wholeBlendLimit } from './guideline';
export { conditionsOf } from './conditions';
export { judge, type Judgement, questionOf } from './judge';
export { openQuestions, type OpenQuestion } from './openQuestions';
export { figureOfFinding } from './figureOf';
export { sunOn } from './places';
export { mostTimesPerDay } from './rules/manyTimesADay';
export { isNeverForSkin } from './rules/neverOnSkin';
export { type Asked, knownWearer, type Question } from './question';
export { mixtureSeen } from './seen';
export type { SumLimit } from './sumLimit';
export { sumLimits } from './sums';
export { type FindingVerdict, shareOfLimit, type Verdict, worst } from './verdict';
