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
  type NamedAllergen,
  type SaleFacts,
  saleFactsOf,
  type SoldWhere,
} from './forSale';
export { type SaleStanding, saleStanding } from './saleStanding';
export { type SaleQuestion, saleQuestions } from './saleQuestions';
export { assessorSheet, type SheetLine } from './assessorSheet';
export { type PieceCosts, pieceCosts } from './pieceCost';
