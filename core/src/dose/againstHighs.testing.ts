import highsLoader from 'highs';
import type { Effort } from './search';
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
    const plan = wholeDrops(blend.formula, blend.brief, blend.school, effort);
    const leftOut = new Set(plan.leftOut.map(({ oilId }) => oilId));
    const solution = highs.solve(asLinearProgramme(blend, leftOut), {
      mip_rel_gap: 1e-9,
      mip_abs_gap: 1e-9,
      output_flag: false,
      time_limit: secondsEach,
    });
    return {
      seed,
      ours: distanceOf(blend, plan.drops),
      theirs: solution.Status === 'Optimal' ? solution.ObjectiveValue : null,
      proved: plan.proved,
    };
  });
};

/** Times of both solvers on the same problems, in ms. */
export const timeBoth = async (
  seeds: readonly number[],
  secondsEach: number,
): Promise<readonly { ours: number; theirs: number; proved: boolean }[]> => {
  const highs = await highsLoader();
  return seeds.map((seed) => {
    const blend = randomBlend(seed);
    const start = performance.now();
    const plan = wholeDrops(blend.formula, blend.brief, blend.school);
    const middle = performance.now();
    const problem = asLinearProgramme(blend, new Set(plan.leftOut.map(({ oilId }) => oilId)));
    const written = performance.now();
    highs.solve(problem, { output_flag: false, time_limit: secondsEach });
    return {
      ours: middle - start,
      theirs: performance.now() - written,
      proved: plan.proved,
    };
  });
};
