export { onWearer, usualWearers } from './compareWearers';
export { dropPercent, oneDropPercent } from './oneDrop';
export { oneUse, standingDensity } from './oneUse';
export { predilution } from './predilution';
export { shareChanges } from './shareChanges';
export { suggestChanges, type SuggestedChange, withChange } from './suggestedChanges';
