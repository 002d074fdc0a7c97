export { numberProblemWords, saidProblemWords, takenWords } from './amounts';
export { analysisProblemWords, knownByNameWords } from './analysis';
export {
  basesWords,
  fillingsWords,
  looseWords,
  nameOrNone,
  recipeAmountWords,
  strengthWords,
} from './blend';
export {
  ageWords,
  carrierWords,
  containerWords,
  placeWords,
  timesWords,
  wearerWords,
} from './brief';
export { clockWords, leftWords, minutesWords, overdueWords } from './clocks';
export {
  allergyWords,
  conditionWords,
  typedAllergyWords,
  typedConditionWords,
  familyWords,
} from './conditions';
export { containerWordsOf, countedContainers, oneOf } from './containers';
export { dayWords } from './days';
export { limitName } from './limitName';
export { maximumWords } from './maximum';
export { explain, sourceWords } from './explain';
export {
  fieldName,
  type FileProblem,
  fileProblemWords,
  type FormProblem,
  formProblemWords,
} from './fileProblems';
export { CodedError } from './codedError';
export type {
  CommandRefusal,
  DeletedRecord,
  DeviceTrouble,
  Failure,
  FailureCode,
  FailureParams,
} from './failure';
export { deviceTroubleWords, failureOf, failureWords } from './failureWords';
export {
  type HouseFileProblem,
  houseFileProblemWords,
  type RecordProblem,
  recordProblemWords,
  type RestorePointBefore,
  restorePointWords,
} from './houseFile';
export { guidelineWords } from './findingFigures';
export { findingMessage } from './findings';
export { checkWords, figureKindWords, figureWords } from './libraryFigures';
export {
  boxLabelText,
  doNotUseWords,
  handLabel,
  type LabelSign,
  labelText,
  type LabelText,
} from './label';
export {
  type LabelFaces,
  labelFaces,
  type LabelParagraph,
  type LabelRun,
  tooSmallWords,
} from './labelFaces';
export { madeSoFarWords } from './madeSoFar';
export { costWords, moneyWords } from './money';
export { movementWords } from './movements';
export { nameFromId } from './names';
export { noteWords } from './notes';
export {
  capitalised,
  countedWords,
  dropsToCount,
  formatDrops,
  formatG,
  formatList,
  someOfWords,
  formatMl,
  formatNumber,
  formatPercent,
  formatRange,
  formatWantedDrops,
  uncapitalised,
} from './numbers';
export { eachWords, fromWords, inAllWords, roughTimeWords } from './onTheTable';
export { skinWords, standingWords, testAdvice, testedWords } from './patchTests';
export { mixedAmountWords, mixedOnceWords, preDilutionLines } from './preDilution';
export { planWords } from './plan';
export { stillNeededWords, settleProblemWords } from './problems';
export { answerWords, questionWords } from './questions';
export { isThick, outsideBandWords, stepDetail, stepFigure, stepHeading, stepTitle } from './steps';
export { madeOfWords } from './readyMade';
export { suggestionWords, variantWords } from './suggestions';
export { shelfLineWords, shelfTableWords } from './shelfTable';
export {
  pasteAimWords,
  pasteFeelWords,
  setPointWords,
  textureName,
  waxShareWords,
} from './texture';
export { findingVerdictWords, verdictHeadline, verdictWords } from './verdicts';
export { usualWearerName, wearerChangeWords } from './wearers';
export {
  degreeSign,
  degreesShown,
  inUnits,
  massWords,
  metricUnits,
  temperatureWords,
  type Units,
  volumeWords,
} from './units';
export { correctedAmountWords, smelledWords, somethingElseWords, spilledWords } from './mishaps';
export {
  notByJubbet,
  packNames,
  regionWords,
  saleQuestionWords,
  type PackRow,
  packRows,
  type SaleChoices,
  saleText,
  type SaleText,
  whoKnows,
} from './salePack';
export {
  isGuess,
  lineRoleWords,
  readIssueWords,
  skippedWords,
  timesTooStrongWords,
  writtenAmountWords,
} from './reading';
export { rewrittenWords } from './rewritten';
export { onPlacesWords } from './onPlaces';
export { piecesWords } from './pieces';
export {
  containerProblems,
  lateWords,
  lineProblemWords,
  plannedTaskWords,
  supplyProblems,
  tooMuchWords,
} from './giftPlan';
export {
  giftsWords,
  hoursWords,
  onTheClockWords,
  planDayWords,
  type PlanMessage,
  planMessageWords,
  planMomentWords,
  planProblemWords,
  spanWords,
  weekdayWords,
  withWhatWords,
} from './planSentence';
export { afterWords, assumptionWords, drownsWords, phaseWords, smellFamilyWords } from './scent';
export { inSentence, nameInSentence } from './inSentence';
export { personStory, type PersonEntry } from './personStory';
export { batchStory, type StoryEntry } from './batchStory';
export { appWords } from './screens/app';
export { batchesWords } from './screens/batches';
export { blendWords } from './screens/blend';
export { blendsWords } from './screens/blends';
export { handbookWords } from './screens/handbook';
export { labelWords } from './screens/label';
export { makeWords } from './screens/make';
export { partsWords } from './screens/parts';
export { peopleWords } from './screens/people';
export { readWords } from './screens/read';
export { settingsWords } from './screens/settings';
export { shelfWords } from './screens/shelf';
export { todayWords } from './screens/today';
export { trailWords } from './screens/trail';
