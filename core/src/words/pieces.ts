import type { Filling } from '../mixture';
import { fillingsWords } from './blend';
import { countedContainers } from './containers';
import { formatList, formatNumber } from './numbers';

/** `11 tins of 15 ml and a tin of 15 ml with 6.8 ml in it`: what really came of a batch. */
export const piecesWords = (
  pieces: readonly (Filling & { readonly ml: number; readonly isFull: boolean })[],
): string => {
  const alike = new Map<string, { readonly isFull: boolean; readonly ml: number } & Filling>();
  for (const piece of pieces) {
    const { kind, nominalMl } = piece.container;
    const key = `${kind}/${nominalMl}/${piece.isFull ? '' : piece.ml}`;
    alike.set(key, { ...piece, count: piece.count + (alike.get(key)?.count ?? 0) });
  }
  const lines = [...alike.values()];
  if (lines.every(({ isFull }) => isFull)) return fillingsWords(lines);
  return formatList(
    lines.map(({ container, count, isFull, ml }) => {
      const what = `${countedContainers(count, container.kind)} of ${formatNumber(container.nominalMl, 4)} ml`;
      return isFull
        ? what
        : `${what} with ${formatNumber(ml, 3)} ml in ${count > 1 ? 'each' : 'it'}`;
    }),
  );
};
