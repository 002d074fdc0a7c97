export type { LabelCaution } from './cautions';
export { type Label, type LabelFacts, labelOf } from './label';
export { type LabelSize, labelSizeOf, type Paper, papers } from './labelSize';
export { madePieces, type Piece, plannedPieces } from './pieces';
