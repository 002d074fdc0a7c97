import { fillMl, type Catalog } from '../catalog';
import { measured, type Formula } from '../mixture';
import { isPast } from '../quantity';
import { gapsOf, isIn, preDilutionsIn, type Gap, type Recipe } from '../recipe';
import type { Blend } from './blend';
import { evaluate, type Evaluation } from './evaluate';
import { settle } from './settle';
import type { SettleProblem } from './settleProblem';
import { wholeDrops, type DropPlan } from './wholeDrops';

/** A recipe worked out: its settled amounts, and what they come to. */
export interface Calculated {
  readonly state: 'done';
  readonly blend: Blend;
  readonly evaluation: Evaluation;
}

/** A recipe worked out, or why it cannot be yet. */
export type WorkedOut =
  | { readonly state: 'gaps'; readonly gaps: readonly Gap[] }
  | {
      readonly state: 'problem';
      readonly problem: SettleProblem;
      /** What does not fit is judged all the same: as it would be in a container that holds it. */
      readonly evaluation?: Evaluation;
    }
  | Calculated;

/** What the oils take of the container on likely drops, parts aside. */
const oilMlOf = (formula: Formula): number =>
  formula.oils.reduce(
    (total, entry) => total + measured(entry, formula.dropsPerMl, 0).ml.likely,
    0,
  );

/** Why what is settled does not go into its container; null where it does. */
const overflowOf = ({ formula, fillings, inOne }: Blend): SettleProblem | null => {
  const whole = fillMl(formula.container);
  const oilMl = oilMlOf(formula);
  if (isPast(oilMl, whole)) {
    return { code: 'oils-do-not-fit', value: oilMl, limit: whole, path: ['oils'] };
  }
  const line = fillMl(fillings[0]?.container ?? formula.container);
  return !inOne && isPast(whole, line)
    ? { code: 'too-full', value: whole, limit: line, path: ['bases'] }
    : null;
};

/** The same blend in a container that takes all of it. */
const inOneThatHolds = (blend: Blend, problem: SettleProblem): Blend => {
  const { formula } = blend;
  const whole = 'value' in problem ? Math.max(problem.value, fillMl(formula.container)) : 0;
  return {
    ...blend,
    formula: {
      ...formula,
      container: { ...formula.container, nominalMl: whole, workingFillPercent: 100 },
    },
  };
};

/** A recipe without gaps settled, and that it goes into its containers. */
const settledToFit = (
  catalog: Catalog,
  recipe: Recipe,
): { readonly blend: Blend } | Exclude<WorkedOut, { state: 'done' }> => {
  const gaps = gapsOf(recipe);
  if (gaps.length > 0) return { state: 'gaps', gaps };
  const settled = settle(catalog, recipe);
  if (!settled.ok) return { state: 'problem', problem: settled.problem };
  const problem = overflowOf(settled.blend);
  return problem
    ? { state: 'problem', problem, evaluation: evaluate(inOneThatHolds(settled.blend, problem)) }
    : { blend: settled.blend };
};

/**
 * From a recipe to settled amounts, what they come to, and what the limits say.
 *
 * @param known the drops of its parts where a longer search has found them
 */
export const workOut = (catalog: Catalog, recipe: Recipe, known?: DropPlan): WorkedOut => {
  const settled = settledToFit(catalog, recipe);
  if ('state' in settled) return settled;
  const { blend } = settled;
  return { state: 'done', blend, evaluation: evaluate(blend, known) };
};

/**
 * The drops of a recipe's parts by a search that may take a second or so: for a
 * worker, where the quick one could not prove that it had the nearest.
 */
export const sureDrops = (catalog: Catalog, recipe: Recipe): DropPlan | null => {
  const settled = settledToFit(catalog, recipe);
  if ('state' in settled) return null;
  const { formula, brief, guideline } = settled.blend;
  return wholeDrops(formula, brief, guideline, 'thorough');
};

/**
 * The same recipe with the drops that its parts came to, how large they were and from
 * which bottle, so that it stays as it was made.
 */
export const asSettled = (
  recipe: Recipe,
  { catalog, formula: { oils, bases } }: Blend,
  { plan }: Evaluation,
): Recipe => ({
  ...recipe,
  target: null,
  ...(recipe.preDilutions
    ? {
        preDilutions: preDilutionsIn(recipe).map((mixed) => ({
          ...mixed,
          oils: mixed.oils.map((entry) => {
            const { dropMl, bottle } = catalog.openBottle(entry.id) ?? {};
            return {
              ...entry,
              ...(dropMl && !entry.dropMl ? { dropMl } : {}),
              ...(bottle ? { bottle } : {}),
            };
          }),
        })),
      }
    : {}),
  oils: recipe.oils.map((entry, index) => {
    const { dropMl, bottle } = oils[index] ?? {};
    return {
      id: entry.id,
      amount: isIn(entry.amount, 'parts')
        ? { unit: 'drops', value: plan.drops[index] ?? 0 }
        : entry.amount,
      ...((dropMl ?? entry.dropMl) ? { dropMl: dropMl ?? entry.dropMl } : {}),
      ...(bottle ? { bottle } : {}),
    };
  }),
  bases: recipe.bases.map((entry, index) => {
    const { bottle } = bases[index] ?? {};
    return { ...entry, ...(bottle ? { bottle } : {}) };
  }),
});
