export {
  type CarrierKind,
  carrierOnShelf,
  type CarrierOnShelf,
  type CarrierOrder,
  carriersAsked,
} from './carriers';
export { enoughFor } from './enough';
export {
  analysesInUse,
  analysisSchema,
  type Bottle,
  bottleSchema,
  bottlesInUse,
  dropOfBottle,
  weighedDropOf,
  keeping,
  measuredIn,
  stockOf,
  usualUnit,
} from './shelf';
