export {
  type AskedOil,
  type BaseMeasure,
  type BasesProblem,
  settleBases,
  type SettledBases,
} from './bases';
export { assumedDensity, densityOf, isDensityAssumed, mlOfGrams } from './density';
export { dropOf, measured } from './drops';
export {
  type CameOut,
  type Content,
  contentsOf,
  contentsThat,
  type Filling,
  part,
  type Parted,
  toMixMl,
} from './fillings';
export type { Formula, FormulaOil, OilMeasure } from './formula';
export { asItLies, type BaseInBlend, type OilInBlend } from './inBlend';
export {
  baseDensity,
  essentialMl,
  essentialShare,
  mix,
  type Mixture,
  sureWeights,
  weightedShare,
  type Weights,
} from './mixture';
export { type Paste, pasteAims, type PasteFeel, pasteOf } from './paste';
export {
  catalogOfRecipe,
  outOfBottles,
  type PreDiluted,
  preDilutedIn,
  type PreDilutionNeed,
  preDilutionNeed,
} from './preDilution';
export { baseShare, noteShares } from './shares';
export { strengthBy, strengthOfTotal } from './strength';
export { type Texture, textureFor, textureOf, waxFor } from './texture';
