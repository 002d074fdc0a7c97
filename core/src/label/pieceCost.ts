import type { Taken } from '../batch';
import type { Mixture } from '../mixture';
import type { Cost } from '../stock';
import type { Piece } from './pieces';

/** What is in a piece costs so much, as far as it is known; and what no piece holds. */
export interface PieceCosts {
  /** Of one of each kind of piece, in their order. */
  readonly each: readonly number[];
  /** What stayed in the jug, or was thrown away. */
  readonly rest: { readonly cost: number; readonly ml: number };
}

const mlOf = (mixture: Mixture, materialId: string): number =>
  [
    ...mixture.oils.map(({ oil, ml }) => ({ id: oil.id, ml })),
    ...mixture.bases.map(({ base, ml }) => ({ id: base.id, ml })),
  ].reduce((total, { id, ml }) => total + (id === materialId ? ml.likely : 0), 0);

/** How much of what was mixed is in one piece: all of its own bottle, its part of a jug. */
const shareOf = ({ ml, evaluation: { mixture } }: Piece): number =>
  mixture.fillMl > 0 ? Math.min(1, ml / mixture.fillMl) : 0;

/**
 * The cost of each piece by what is in it: of two bottles the one with a dear drop more costs more.
 *
 * @param taken of all materials, with what was lost
 */
export const pieceCosts = (
  pieces: readonly Piece[],
  { lines, known }: Cost,
  taken: readonly Pick<Taken, 'materialId' | 'ml'>[],
): PieceCosts => {
  const takenMl = (materialId: string): number =>
    taken.reduce((total, entry) => total + (entry.materialId === materialId ? entry.ml : 0), 0);
  const each = pieces.map((piece) =>
    lines.reduce((total, { materialId, cost }) => {
      const all = takenMl(materialId);
      return cost === null || all <= 0
        ? total
        : total + (shareOf(piece) * cost * mlOf(piece.evaluation.mixture, materialId)) / all;
    }, 0),
  );
  const held = (of: (piece: Piece, n: number) => number): number =>
    pieces.reduce((total, piece, n) => total + piece.count * of(piece, n), 0);
  const whole = taken.reduce((total, { ml }) => total + ml, 0);
  return {
    each,
    rest: {
      cost: Math.max(0, known - held((_, n) => each[n] ?? 0)),
      ml: Math.max(0, whole - held(({ ml }) => ml)),
    },
  };
};
