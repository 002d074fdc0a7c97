import type { Catalog } from '../catalog';
import { countOil, workOut, type Calculated, type Evaluation } from '../drops';
import type { Verdict } from '../limits';
import { valueIn, type Recipe } from '../recipe';

/** A drop or two more or less of an oil. */
export interface DropChange {
  readonly oilId: string;
  readonly by: number;
}

/** Changes of drops that bring a smell nearer to what is wanted, within all limits. */
export interface SmellSuggestion {
  readonly changes: readonly DropChange[];
  readonly recipe: Recipe;
  readonly evaluation: Evaluation;
  /** How much nearer it is. */
  readonly gain: number;
}

/** So many drops more or less are tried of one oil. */
const steps = [-2, -1, 1, 2] as const;
/** So many changes of one oil are tried together with those of another. */
const mostJoined = 4;
/** So many are offered. */
const mostOffered = 3;

const verdicts: readonly (Verdict | null)[] = ['over', 'unknown', 'caution', 'within', null];

/** No worse than it was, and never over a limit. */
const isAllowed = (now: Evaluation, { verdict, blocking }: Evaluation): boolean =>
  !blocking && verdict !== 'over' && verdicts.indexOf(verdict) >= verdicts.indexOf(now.verdict);

/** The recipe with these drops; null where one would come to none. */
const changed = (
  catalog: Catalog,
  recipe: Recipe,
  { evaluation: { plan } }: Calculated,
  changes: readonly DropChange[],
): Recipe | null =>
  changes.reduce<Recipe | null>((so, { oilId, by }) => {
    if (!so) return null;
    const at = recipe.oils.findIndex(({ id }) => id === oilId);
    const drops = valueIn(recipe.oils[at]?.amount ?? null, 'drops') ?? plan.drops[at] ?? null;
    return drops === null || drops + by < 1
      ? null
      : countOil(catalog, oilId, { value: drops + by })(so);
  }, recipe);

/**
 * Two or three changes of a drop or two towards a smell, the nearest first; none where nothing within
 * the limits is nearer.
 *
 * @param nearness how near a blend is, more being nearer: what smells is worked out elsewhere
 * @param least a gain that nobody would smell is not offered
 */
export const towardsSmell = (
  catalog: Catalog,
  recipe: Recipe,
  now: Calculated,
  nearness: (evaluation: Evaluation) => number,
  least: number,
): readonly SmellSuggestion[] => {
  const before = nearness(now.evaluation);
  const tried = (changes: readonly DropChange[]): SmellSuggestion[] => {
    const next = changed(catalog, recipe, now, changes);
    const worked = next && workOut(catalog, next);
    if (!next || worked?.state !== 'done' || !isAllowed(now.evaluation, worked.evaluation))
      return [];
    const { evaluation } = worked;
    return [{ changes, recipe: next, evaluation, gain: nearness(evaluation) - before }];
  };
  const byGain = (list: readonly SmellSuggestion[]): readonly SmellSuggestion[] =>
    [...list].sort((a, b) => b.gain - a.gain || a.changes.length - b.changes.length);
  const single = byGain(
    recipe.oils.flatMap(({ id }) => steps.flatMap((by) => tried([{ oilId: id, by }]))),
  );
  const best = single.filter(({ gain }) => gain > 0).slice(0, 2 * mostJoined);
  const up = best.filter(({ changes: [change] }) => (change?.by ?? 0) > 0).slice(0, mostJoined);
  const down = best.filter(({ changes: [change] }) => (change?.by ?? 0) < 0).slice(0, mostJoined);
  const joined = up.flatMap((more) =>
    down
      .filter(({ changes: [change] }) => change?.oilId !== more.changes[0]?.oilId)
      .flatMap((less) => tried([...more.changes, ...less.changes])),
  );
  return byGain([...single, ...joined])
    .filter(({ gain }) => gain >= least)
    .slice(0, mostOffered);
};
