export type { LabelCaution } from './cautions';
export { type Label, type LabelFacts, labelOf } from './label';
export { madePieces, type Piece, plannedPieces } from './pieces';
