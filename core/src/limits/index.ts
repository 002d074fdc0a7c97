export { allergyTo } from './allergies';
export { contentOf } from './contents';
export {
  finding,
  type Finding,
  type KindCaution,
  type PlaceCaution,
  type RuleId,
  ruleIds,
} from './finding';
export { wholeBlendLimit } from './guideline';
export { judge, type Judgement } from './judge';
export { knownWearer, type Question } from './question';
export type { SumLimit } from './sumLimit';
export { sumLimits } from './sums';
export { type FindingVerdict, shareOfLimit, type Verdict, worst } from './verdict';
