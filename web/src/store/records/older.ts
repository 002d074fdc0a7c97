// How records of older versions are lifted, in one piece to be fetched when one is met.
export { batchBeforeLedger, batchOfItsOwn, bottleWithLedger, bottleWithUnit } from './olderForms';
export { openLog, withLog } from './olderLogs';
export {
  batchInTerms,
  briefOfPerson,
  notForSale,
  personInTerms,
  recordWithRecipe,
} from './olderRecipes';
