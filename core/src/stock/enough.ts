import type { Evaluation } from '../drops';
import type { Stock } from './shelf';

/** What a batch takes of one material, and what there is, in the unit in which it is there. */
export interface InStock {
  readonly materialId: string;
  readonly unit: 'ml' | 'g';
  readonly needed: number;
  readonly left: number;
  /** How many such batches it is enough for. */
  readonly times: number;
}

/**
 * What each material on the shelf is enough for, the one that runs out first ahead. A material
 * that is there in ml and in g is reported in g.
 *
 * @param count how many of what the evaluation is of
 */
export const enoughFor = (
  { mixture: { oils, bases } }: Pick<Evaluation, 'mixture'>,
  count: number,
  stock: ReadonlyMap<string, Stock>,
): readonly InStock[] => {
  const needed = [
    ...oils.map(({ oil, ml, g }) => [oil.id, ml.likely * count, g.likely * count] as const),
    ...bases.map(({ base, ml, g }) => [base.id, ml.likely * count, g.likely * count] as const),
  ];
  return needed
    .flatMap(([materialId, ml, g]): InStock[] => {
      const left = stock.get(materialId);
      if (!left || ml <= 0) return [];
      if (left.g === 0)
        return [{ materialId, unit: 'ml', needed: ml, left: left.ml, times: left.ml / ml }];
      if (g <= 0) return [];
      const times = left.ml / ml + left.g / g;
      return [{ materialId, unit: 'g', needed: g, left: times * g, times }];
    })
    .sort((a, b) => a.times - b.times);
};

/**
 * How many such batches everything on the shelf is enough for; null where something of it is not there
 * at all.
 *
 * @param count how many of what the evaluation is of
 */
export const timesFromShelf = (
  evaluation: Pick<Evaluation, 'mixture'>,
  count: number,
  stock: ReadonlyMap<string, Stock>,
): number | null => {
  const { oils, bases } = evaluation.mixture;
  const needed = [...oils, ...bases].filter(({ ml }) => ml.likely > 0);
  const there = enoughFor(evaluation, count, stock).filter(({ times }) => times > 0);
  return needed.length > 0 && there.length === needed.length ? (there[0]?.times ?? null) : null;
};
