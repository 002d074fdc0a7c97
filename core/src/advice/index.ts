export { type SuggestedChange, withChange } from './change';
export { onWearer, type OnWearer, usualWearers } from './compareWearers';
export { inDropSizes, strengthsByDrop } from './dropSizes';
export { dropPercent, oneDropPercent } from './oneDrop';
export { oilsToAsk } from './oilsToAsk';
export { oneUse, type OneUse, standingDensity } from './oneUse';
export { overlayOf, type Overlay } from './overlay';
export { blendOnPeople, type BlendOnPeople } from './peopleByBlends';
export { type DropChange, type SmellSuggestion, towardsSmell } from './towardsSmell';
export { shareChanges } from './shareChanges';
export { suggestChanges, type Suggestion } from './suggestedChanges';
export { variantFor, type Variant } from './family';
export { suggestFits } from './toFit';
export { strengthFor, type StrengthFor } from './tooStrongFor';
export {
  isNear,
  notesMissing,
  oilForBrief,
  type OilForBrief,
  filterOils,
  type OilQuery,
} from './oilsToChoose';
export { noStronger } from './weaker';
export { type Misfit, misfitOf } from './fillings';
