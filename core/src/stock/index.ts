export {
  type CarrierAbsorption,
  carrierAbsorptions,
  carrierBodies,
  carrierFeel,
  type CarrierKind,
  carrierOnShelf,
  type CarrierOnShelf,
  type CarrierOrder,
  filterCarriers,
} from './carriers';
export {
  placeOnLine,
  standingOf,
  timeLineOf,
  type Keeps,
  type Standing,
  type TimeLine,
} from './timeLine';
export { type Cost, costsOf, priceAtMargin, type Priced } from './cost';
export { enoughFor, timesFromShelf } from './enough';
export { inForce, balanceOf, leftIn, type Moved, type ShelvedBottle } from './ledger';
export { type Movement, movementSchema } from './movement';
export { onTheTable, type OnTheTable } from './onTheTable';
export { analysisSchema, type Bottle, bottleSchema, isDay } from './bottle';
export {
  analysesInUse,
  bottlesInUse,
  dropOfBottle,
  weighedDropOf,
  keeping,
  measuredIn,
  stockOf,
  usualUnit,
} from './shelf';
export { type Kept, type ToBuy, toBuy } from './toBuy';
export { plannedCost } from './plannedCost';
