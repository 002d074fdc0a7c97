import type { Made, MadeContainer } from '../batch';
import type { Blend, Evaluation } from '../drops';
import { contentsOf, part, type Content } from '../mixture';

/** Containers that bear the same label, with what is in them. */
export interface Piece extends Content {
  readonly evaluation: Evaluation;
  /** Their numbers at the bench, from 0; none where all come from one jug. */
  readonly numbers: readonly number[];
}

/** What is in a box with all pieces: containers of one kind and size together. */
export const insideBox = (
  pieces: readonly Pick<Piece, 'container' | 'count'>[],
): readonly Pick<Piece, 'container' | 'count'>[] => {
  const alike = new Map<string, Pick<Piece, 'container' | 'count'>>();
  for (const { container, count } of pieces) {
    const key = `${container.kind}/${container.nominalMl}`;
    alike.set(key, { container, count: count + (alike.get(key)?.count ?? 0) });
  }
  return [...alike.values()];
};

const pourFrom = (blend: Blend, evaluation: Evaluation): Piece[] => {
  const { mixture } = evaluation;
  const parted = part(blend.fillings, mixture.fillMl, mixture.totalG.likely, blend);
  return contentsOf(parted).map((content) => ({ ...content, evaluation, numbers: [] }));
};

/** What the containers of a blend will hold when it is made as planned. */
export const plannedPieces = (blend: Blend, evaluation: Evaluation): Piece[] =>
  blend.inOne
    ? pourFrom(blend, evaluation)
    : [
        {
          container: blend.fillings[0]?.container ?? blend.formula.container,
          count: blend.count,
          ml: evaluation.mixture.fillMl,
          g: evaluation.mixture.totalG.likely,
          isFull: true,
          evaluation,
          numbers: Array.from({ length: blend.count }, (_, n) => n),
        },
      ];

/** What the containers of a batch really hold; those that are alike together, empty ones left out. */
export const madePieces = ({ blend, containers }: Made): Piece[] => {
  const filled = containers.filter(({ isEmpty }) => !isEmpty);
  if (blend.inOne) return filled.flatMap(({ evaluation }) => pourFrom(blend, evaluation));
  const alike = new Map<Evaluation, MadeContainer[]>();
  for (const madeContainer of filled) {
    alike.set(madeContainer.evaluation, [
      ...(alike.get(madeContainer.evaluation) ?? []),
      madeContainer,
    ]);
  }
  return [...alike].flatMap(([evaluation, [first, ...others]]): Piece[] =>
    first
      ? [
          {
            container: first.container,
            count: 1 + others.length,
            ml: evaluation.mixture.fillMl,
            g: evaluation.mixture.totalG.likely,
            isFull: true,
            evaluation,
            numbers: [first, ...others].map(({ number }) => number),
          },
        ]
      : [],
  );
};
