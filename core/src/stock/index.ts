export { enoughFor } from './enough';
export {
  analysesInUse,
  analysisSchema,
  type Bottle,
  bottleSchema,
  bottlesInUse,
  dropOfBottle,
  keeping,
  measuredIn,
  pricePer100Ml,
  type Stock,
  stockAsOne,
  stockOf,
  usualUnit,
} from './shelf';
