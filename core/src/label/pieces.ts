import type { Made, MadeContainer } from '../batch';
import type { Blend, Evaluation } from '../drops';
import { usualContainer } from '../catalog';
import type { Tally } from '../making';
import { contentsOf, contentsThat, part, type CameOut, type Content } from '../mixture';

/** Containers that bear the same label, with what is in them. */
export interface Piece extends Content {
  readonly evaluation: Evaluation;
  /** Their numbers at the bench, from 0; none where all come from one jug. */
  readonly numbers: readonly number[];
}

const pourFrom = (
  blend: Blend,
  evaluation: Evaluation,
  mixedMl = evaluation.mixture.fillMl,
  mixedG = evaluation.mixture.totalG.likely,
): Piece[] => {
  if (mixedMl <= 0) return [];
  const parted = part(blend.fillings, mixedMl, mixedG, blend);
  return contentsOf(parted).map((content) => ({ ...content, evaluation, numbers: [] }));
};

/** The containers that someone says came out; those that no one knows any more are left out. */
const cameOutOf = ({ fillings }: Blend, { cameOut }: Tally): CameOut[] =>
  (cameOut?.lines ?? []).flatMap(({ into, full, lastPercent }) => {
    const container =
      'filling' in into ? fillings[into.filling]?.container : usualContainer(into.containerId);
    return container ? [{ container, full, lastPercent }] : [];
  });

/** What the containers hold that were filled out of one jug: as was said, or as it parts. */
const pouredFrom = (blend: Blend, tally: Tally, evaluation: Evaluation): Piece[] => {
  const { mixture } = evaluation;
  const spilledMl = tally.spilled.reduce((total, { ml }) => total + (ml ?? 0), 0);
  const leftMl = Math.max(0, mixture.fillMl - spilledMl);
  const leftG = mixture.fillMl > 0 ? (mixture.totalG.likely * leftMl) / mixture.fillMl : 0;
  const told = cameOutOf(blend, tally);
  if (told.length === 0) return pourFrom(blend, evaluation, leftMl, leftG);
  return contentsThat(told, leftMl * (1 + blend.gainPercent / 100), leftG).map((content) => ({
    ...content,
    evaluation,
    numbers: [],
  }));
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
export const madePieces = ({ blend, containers, tally }: Made): Piece[] => {
  const filled = containers.filter(({ isEmpty }) => !isEmpty);
  if (blend.inOne) return filled.flatMap(({ evaluation }) => pouredFrom(blend, tally, evaluation));
  const spilledOf = (container: number): number =>
    tally.spilled.reduce(
      (total, spill) => total + (spill.container === container ? (spill.ml ?? 0) : 0),
      0,
    );
  const alike = new Map<Evaluation, Map<number, [MadeContainer, ...MadeContainer[]]>>();
  for (const container of filled) {
    const of =
      alike.get(container.evaluation) ?? new Map<number, [MadeContainer, ...MadeContainer[]]>();
    const spilledMl = spilledOf(container.number);
    const [first, ...others] = of.get(spilledMl) ?? [];
    alike.set(
      container.evaluation,
      of.set(spilledMl, first ? [first, ...others, container] : [container]),
    );
  }
  return [...alike].flatMap(([evaluation, of]) =>
    [...of].map(([spilledMl, same]): Piece => {
      const { fillMl, totalG } = evaluation.mixture;
      const ml = Math.max(0, fillMl - spilledMl);
      return {
        container: same[0].container,
        count: same.length,
        ml,
        g: fillMl > 0 ? (totalG.likely * ml) / fillMl : 0,
        isFull: spilledMl === 0,
        evaluation,
        numbers: same.map(({ number }) => number),
      };
    }),
  );
};
