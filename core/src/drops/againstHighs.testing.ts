import highsLoader from 'highs';
import type { Effort } from './solver/search';
import { wholeDrops } from './wholeDrops';
import { asLinearProgramme, distanceOf, randomBlend } from './problems.testing';

/** What two solvers made of one problem, in ml of summed distance. */
export interface Compared {
  readonly seed: number;
  readonly ours: number;
  /** Null where the other did not finish in its time. */
  readonly theirs: number | null;
  readonly proved: boolean;
}

/**
 * Solves random problems twice.
 *
 * @param secondsEach what the other solver may take for one
 * @param effort how far ours may go
 */
export const compare = async (
  seeds: readonly number[],
  secondsEach: number,
  effort: Effort = 'frame',
): Promise<readonly Compared[]> => {
  const highs = await highsLoader();
  return seeds.map((seed): Compared => {
    const blend = randomBlend(seed);
    const plan = wholeDrops(blend.formula, blend.brief, blend.guideline, effort);
    const leftOut = new Set(plan.leftOut.map(({ oilId }) => oilId));
    const solution = highs.solve(asLinearProgramme(blend, leftOut, plan.aimedMl), {
      mip_rel_gap: 1e-9,
      mip_abs_gap: 1e-9,
      output_flag: false,
      time_limit: secondsEach,
    });
    return {
      seed,
      ours: distanceOf(blend, plan.drops, plan.aimedMl),
      theirs: solution.Status === 'Optimal' ? solution.ObjectiveValue : null,
      proved: plan.proved,
    };
  });
};

/**
 * Times of both solvers on the same problems, in ms. Each goes through all of them by itself, and
 * once before that unmeasured: what the other leaves behind in the processor is not its doing.
 */
export const timeBoth = async (
  seeds: readonly number[],
  secondsEach: number,
): Promise<readonly { ours: number; theirs: number; proved: boolean }[]> => {
  const highs = await highsLoader();
  const blends = seeds.map(randomBlend);
  const timed = <T>(work: () => T): { readonly result: T; readonly ms: number } => {
    const start = performance.now();
    const result = work();
    return { result, ms: performance.now() - start };
  };
  const solveOurs = () =>
    blends.map(({ formula, brief, guideline }) =>
      timed(() => wholeDrops(formula, brief, guideline)),
    );
  solveOurs();
  const ours = solveOurs();
  const programmes = blends.map((blend, at) => {
    const plan = ours[at]?.result;
    return asLinearProgramme(
      blend,
      new Set((plan?.leftOut ?? []).map(({ oilId }) => oilId)),
      plan?.aimedMl ?? [],
    );
  });
  const solveTheirs = () =>
    programmes.map(
      (programme) =>
        timed(() => highs.solve(programme, { output_flag: false, time_limit: secondsEach })).ms,
    );
  solveTheirs();
  const theirs = solveTheirs();
  return ours.map(({ result, ms }, at) => ({
    ours: ms,
    theirs: theirs[at] ?? NaN,
    proved: result.proved,
  }));
};
