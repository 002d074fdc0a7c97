export * from './quantity/range';
export * from './quantity/format';
export { measuredDrop } from './quantity/drop';
export * from './library/library';
export * from './library/names';
export type {
  Base,
  Confidence,
  Content,
  FigureId,
  DropSchoolId,
  LimitStatus,
  Oil,
  PlaceId,
  UsualVessel,
} from './library/schema';
export type { Brief, Sun, Use } from './brief/brief';
export { fillMl, usualVessel, type Vessel } from './brief/vessel';
export { largestVesselMl, ownVesselSchema, type OwnVessel } from './brief/measuredVessel';
export type { Skin, Trimester, Wearer, WearerOrAnyone } from './brief/wearer';
export { ageInMonths, pregnancyWeek, wearerOn, type Person, type Reaction } from './brief/person';
export * from './brief/words';
export type { Formula, FormulaBase, FormulaOil, OilMeasure } from './blend/formula';
export { dropOf } from './blend/drops';
export { part, toMixMl, type Filled, type Filling, type Parted } from './blend/fillings';
export type { By } from './blend/bases';
export { isMelted } from './library/isMelted';
export { textureFor, textureOf, waxFor, type Texture } from './blend/texture';
export { textureFigures } from './library/texture';
export { asItLies } from './blend/mixture';
export type { BaseInBlend, Mixture, OilInBlend } from './blend/mixture';
export { ruleIds, type Finding, type RuleId } from './limits/finding';
export { allergyTo } from './limits/allergies';
export { wholeBlendLimit } from './limits/guideline';
export type { School } from './limits/question';
export { shareOfLimit, type Verdict } from './limits/verdict';
export { verdictSaid } from './limits/verdictWords';
export * from './limits/words';
export { oneDropPercent, schoolDropPercent } from './dose/oneDrop';
export { oneUse, standingDensity } from './dose/oneUse';
export { evaluate, type Evaluation } from './dose/evaluate';
export type { DropPlan, LimitName } from './dose/wholeDrops';
export * from './files/blendFile';
export { firstProblem } from './files/problem';
export * from './files/readBlend';
export type { Blend } from './dose/blend';
export { fillingsOf, isMixedInOne, resolveMade, type Carried } from './files/resolve';
export { reportOn, type Report } from './files/report';
export { stepsOf, type CountStep, type Step } from './make/steps';
export * from './make/tally';
export { bottleNow, bottleThen, stepsNow } from './make/bottle';
export { madeOf, type Made, type MadeVessel } from './make/made';
export { gateOf, goesOn, isReason, mayCount, pastLimits, type Gate } from './make/gate';
export { waysOn, type WayOn } from './make/extraDrops';
export * from './make/words';
export { nextBatchNumber, serialOf } from './keep/batchNumber';
export {
  madeBestBefore,
  madeFindings,
  madeSummarySchema,
  summaryOf,
  type MadeSummary,
} from './keep/madeSummary';
export type { BestBefore, Day } from './keep/bestBefore';
export {
  dayWords,
  doNotUseWords,
  handLabel,
  labelOf,
  madePieces,
  plannedPieces,
  type Label,
  type LabelFacts,
  type Piece,
} from './label/label';
export { draftAsMade, isAsPlanned, wearerChanges } from './files/again';
export * from './files/draft';
export * from './files/mending';
export * from './files/scale';
export * from './blend/words';
export { measuredBy, withWax, withWaxPercent, writeBases, writeOils, type Way } from './files/ways';
export { explain, sourceWords, type Explanation } from './limits/explain';
export { onWearer, usualWearers, type OnWearer } from './files/compareWearers';
export {
  analysesInUse,
  analysisSchema,
  bottleSchema,
  bottlesInUse,
  dropOfBottle,
  keeping,
  measuredIn,
  pricePer100Ml,
  shelve,
  stockAsOne,
  stockOf,
  usualUnit,
  type Bottle,
  type Stock,
} from './keep/shelf';
export { carriedLookup, materialsUsed } from './library/carried';
export { houseMaterials, ownMaterialSchema, type OwnMaterial } from './library/own';
export { readAnalysis, type ReadAnalysis } from './reading/analysis';
export { chemistryOf, findConstituent, goesWith } from './library/chemistry';
export { flashPointOf, handbook } from './library/handbook';
export { ownMaximum } from './limits/ownMaximum';
export { baseFacts, type BaseFacts } from './library/baseFacts';
export { botanicalOf } from './library/botanical';
export { countedVessels, oneOf, vesselKind, vesselKinds } from './brief/vesselKinds';
export { readDecimal, type ReadDecimal } from './quantity/number';
export { readAge, type ReadAge } from './quantity/age';
export { spoonsIn } from './quantity/amount';
export { amountProblemWords, readAmount, type Amount, type SpoonCountry } from './quantity/amount';
export { looseDensity, looseUnits, measures, usualForm, type Form } from './library/measures';
