export type { LabelCaution } from './cautions';
export { type Label, type LabelFacts, labelOf } from './label';
export {
  type LabelSheet,
  labelSheets,
  type LabelSize,
  labelSizeOf,
  type Paper,
  papers,
  spotsOf,
} from './labelSize';
export { madePieces, type Piece, plannedPieces } from './pieces';
export { claimsIn, type FoundClaim } from './claims';
export {
  type Ingredient,
  namedAbove,
  type NamedAllergen,
  type SaleFacts,
  saleFactsOf,
} from './forSale';
export { type PieceCosts, pieceCosts } from './pieceCost';
