import type { Catalog } from '../catalog';
import { timesAsMuch, withCounts, workOut, type Calculated, type SettleProblem } from '../drops';
import { outOfBottles, toMixMl, type Mixture } from '../mixture';
import { isPossibleDrop, exactly } from '../quantity';
import type { Gap, Recipe } from '../recipe';

/** So many pieces of a blend. */
export interface PlannedLine {
  readonly id: string;
  /** With the materials of its own. */
  readonly catalog: Catalog;
  readonly recipe: Recipe;
  /** All its containers together, 1 to 1000. */
  readonly pieces: number;
  /** It is tried on skin for two days before it is given away. */
  readonly patchTest: boolean;
}

/** One making of a line. */
export interface PlannedBatch {
  readonly id: string;
  readonly line: string;
  readonly pieces: number;
  /** All that is mixed for it, with what is lost, in ml. */
  readonly ml: number;
  readonly calculated: Calculated;
}

/** Why a line cannot be planned. */
export type LineProblem =
  | { readonly code: 'gaps'; readonly gaps: readonly Gap[] }
  | { readonly code: 'not-worked-out'; readonly problem: SettleProblem }
  /** Nobody may make it for whom it is. */
  | { readonly code: 'blocking' }
  /** What is melted or mixed for one piece is more than the jug takes, in ml. */
  | { readonly code: 'jug'; readonly pieceMl: number; readonly jugMl: number }
  /** More of one ingredient than a recipe may have. */
  | { readonly code: 'too-much' };

type Planned =
  | { readonly ok: true; readonly batches: readonly PlannedBatch[] }
  | { readonly ok: false; readonly problem: LineProblem };

/** So many things in so many lots, as even as can be. */
const evenly = (count: number, lots: number): readonly number[] =>
  Array.from({ length: lots }, (_, n) => Math.floor(count / lots) + (n < count % lots ? 1 : 0));

/** A recipe with the drops of the bottles that are taken, where it names none of its own. */
export const withDropsOf = (
  recipe: Recipe,
  dropMlOf: (oilId: string) => number | null,
): Recipe => ({
  ...recipe,
  oils: recipe.oils.map((oil) => {
    const ml = dropMlOf(oil.id);
    const drop = ml === null ? null : exactly(ml);
    return oil.dropMl || !drop || !isPossibleDrop(drop) ? oil : { ...oil, dropMl: drop };
  }),
});

/** What comes out of bottles for a batch, pre-dilutions taken apart: of all its pieces. */
export const takenFor = ({
  calculated: { blend, evaluation },
}: PlannedBatch): readonly {
  readonly id: string;
  readonly drops: number | null;
  readonly ml: number;
  readonly g: number;
}[] => {
  const times = blend.inOne ? 1 : blend.count;
  const { oils, bases }: Mixture = outOfBottles(
    evaluation.mixture,
    blend.preDilutions ?? [],
    times,
  );
  return [
    ...oils.map(({ oil, drops, ml, g }) => ({
      id: oil.id,
      drops: drops === null ? null : drops * times,
      ...{ ml: ml.likely * times, g: g.likely * times },
    })),
    ...bases.map(({ base, ml, g }) => ({
      ...{ id: base.id, drops: null },
      ...{ ml: ml.likely * times, g: g.likely * times },
    })),
  ].filter(({ ml }) => ml > 0);
};

const no = (problem: LineProblem): Planned => ({ ok: false, problem });

type Sized =
  | { readonly ok: true; readonly calculated: Calculated }
  | { readonly ok: false; readonly problem: LineProblem };

const workedOut = (catalog: Catalog, recipe: Recipe): Sized => {
  const worked = workOut(catalog, recipe);
  switch (worked.state) {
    case 'gaps':
      return { ok: false, problem: { code: 'gaps', gaps: worked.gaps } };
    case 'problem':
      return { ok: false, problem: { code: 'not-worked-out', problem: worked.problem } };
    case 'done':
      return worked.evaluation.blocking
        ? { ok: false, problem: { code: 'blocking' } }
        : { ok: true, calculated: worked };
  }
};

/** So many pieces among several kinds of container, as they are in the file: the largest rests first. */
const apportioned = (counts: readonly number[], pieces: number): readonly number[] => {
  const all = counts.reduce((total, count) => total + count, 0);
  const exact = counts.map((count) => (count * pieces) / all);
  const whole = exact.map((share) => Math.floor(share + 1e-9));
  const left = pieces - whole.reduce((total, count) => total + count, 0);
  const inTurn = exact
    .map((share, n) => ({ n, rest: share - (whole[n] ?? 0) }))
    .sort((a, b) => b.rest - a.rest || a.n - b.n)
    .slice(0, left)
    .map(({ n }) => n);
  return whole.map((count, n) => count + (inTurn.includes(n) ? 1 : 0));
};

/** The recipe for so many pieces. */
const sized = ({ catalog, recipe }: PlannedLine, whole: Calculated, pieces: number): Sized => {
  const counts = recipe.containers.map(({ count }) => count);
  const factor = pieces / counts.reduce((total, count) => total + count, 0);
  if (Math.abs(factor - 1) < 1e-12) return { ok: true, calculated: whole };
  const isEven = counts.every(
    (count) => Math.abs(count * factor - Math.round(count * factor)) < 1e-9,
  );
  const scaled = isEven
    ? timesAsMuch(catalog, recipe, whole.evaluation, factor)
    : withCounts(catalog, recipe, whole.evaluation, apportioned(counts, pieces));
  return scaled.ok
    ? workedOut(catalog, scaled.recipe)
    : { ok: false, problem: { code: 'too-much' } };
};

const batchOf = (
  { id }: PlannedLine,
  n: number,
  pieces: number,
  calculated: Calculated,
): PlannedBatch => {
  const { blend, evaluation } = calculated;
  const ml = evaluation.mixture.fillMl * (blend.inOne ? 1 : blend.count);
  return { id: `${id}-${n + 1}`, line: id, pieces, ml, calculated };
};

/**
 * A line as the batches in which it is made: as few as jug and blend allow, as even as can be. What
 * is dripped straight into each bottle is one batch of many bottles.
 *
 * @param jugMl the largest jug or pan
 */
export const lineBatches = (line: PlannedLine, jugMl: number): Planned => {
  const { catalog, recipe, pieces } = line;
  const whole = workedOut(catalog, recipe);
  if (!whole.ok) return no(whole.problem);
  const { blend } = whole.calculated;
  if (!blend.inOne) {
    const all = sized(line, whole.calculated, pieces);
    return all.ok
      ? { ok: true, batches: [batchOf(line, 0, pieces, all.calculated)] }
      : no(all.problem);
  }
  const mixedMl = ({ evaluation: { mixture } }: Calculated): number => mixture.fillMl;
  const heldMl = toMixMl(blend.fillings, 0, 0);
  const largestMl =
    mixedMl(whole.calculated) *
    Math.max(
      ...blend.fillings.map(({ container }) => toMixMl([{ container, count: 1 }], 0, 0) / heldMl),
    );
  if (largestMl > jugMl * (1 + 1e-9)) return no({ code: 'jug', pieceMl: largestMl, jugMl });
  const inFile = recipe.containers.reduce((total, { count }) => total + count, 0);
  const least = Math.max(
    1,
    Math.ceil((mixedMl(whole.calculated) / inFile) * (pieces / jugMl) - 1e-9),
  );
  let problem: LineProblem = { code: 'too-much' };
  for (let lots = least; lots <= pieces; lots += 1) {
    const sizes = evenly(pieces, lots);
    const made = new Map([...new Set(sizes)].map((n) => [n, sized(line, whole.calculated, n)]));
    const failed = [...made.values()].find((entry) => !entry.ok);
    const isTooLarge = [...made.values()].some(
      (entry) => entry.ok && mixedMl(entry.calculated) > jugMl * (1 + 1e-9),
    );
    if (!failed && !isTooLarge) {
      return {
        ok: true,
        batches: sizes.flatMap((size, n) => {
          const found = made.get(size);
          return found?.ok ? [batchOf(line, n, size, found.calculated)] : [];
        }),
      };
    }
    if (failed && failed.problem.code !== 'too-much') return no(failed.problem);
    problem = failed?.problem ?? problem;
  }
  return no(problem);
};
