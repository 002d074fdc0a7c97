import type { Container } from '../catalog';
import { unique } from '../quantity';
import { takenFor, type PlannedBatch, type PlannedLine } from './lineBatches';
import { sumOf, type Supply } from './materials';

/** Containers in the house, and how more of them are sold. */
export interface ContainerRow {
  readonly id: string;
  readonly have: number;
  /** How many come together. */
  readonly pack: number;
  /** What a pack costs; null where no one has said. */
  readonly price: number | null;
}

/** Containers of one kind and size that are needed. */
export interface ContainerNeed {
  readonly id: string;
  readonly container: Container;
  readonly need: number;
  readonly have: number;
  readonly packs: number;
  /** What the packs cost; null where that is not known. */
  readonly price: number | null;
  /** What those that are used cost; null where that is not known. */
  readonly usedCost: number | null;
  /** Nothing is said of it: how many there are, and how it is sold. */
  readonly isUnknown: boolean;
}

/** A container by its id; one of the maker’s own by kind and size. */
export const containerKey = ({ id, kind, nominalMl }: Container): string =>
  id ?? `${kind} ${nominalMl} ml`;

/** The containers of all batches, with what there is and what has to be bought. */
export const containersFor = (
  batches: readonly PlannedBatch[],
  rows: readonly ContainerRow[],
): readonly ContainerNeed[] => {
  const needs = batches.flatMap(({ calculated: { blend } }) =>
    blend.fillings.map(({ container, count }) => ({ container, need: count })),
  );
  return unique(needs.map(({ container }) => containerKey(container))).flatMap((id) => {
    const own = needs.filter(({ container }) => containerKey(container) === id);
    const [first] = own;
    if (!first) return [];
    const row = rows.find((entry) => entry.id === id);
    const need = own.reduce((total, entry) => total + entry.need, 0);
    const { have = 0, pack = 1, price = null } = row ?? {};
    const packs = Math.ceil(Math.max(0, need - have) / pack);
    return [
      {
        ...{ id, container: first.container, need, have, packs },
        price: packs === 0 ? 0 : price === null ? null : packs * price,
        usedCost: price === null ? null : (need * price) / pack,
        isUnknown: !row,
      },
    ];
  });
};

/** What one piece of a line costs, from the mean price of all that is used. */
export const pieceCost = (
  line: PlannedLine,
  batches: readonly PlannedBatch[],
  supplies: readonly Supply[],
  containers: readonly ContainerNeed[],
): number | null => {
  const own = batches.filter((batch) => batch.line === line.id);
  const inIt = own.flatMap(takenFor).map(({ id, ml }) => {
    const supply = supplies.find((entry) => entry.id === id);
    return !supply || supply.usedCost === null ? null : (supply.usedCost * ml) / supply.ml;
  });
  const around = containersFor(own, []).map(({ id, need }) => {
    const all = containers.find((entry) => entry.id === id);
    return !all || all.usedCost === null ? null : (all.usedCost * need) / all.need;
  });
  const total = sumOf([...inIt, ...around]);
  return total === null ? null : total / line.pieces;
};
