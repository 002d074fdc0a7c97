import { fillMl, usualContainers, type Catalog, type Container } from '../catalog';
import { fillingsOf, timesSmaller, workOut, type WorkedOut } from '../drops';
import type { Recipe } from '../recipe';
import { withChange, type SuggestedChange } from './change';
import type { Suggestion } from './suggestedChanges';

type Problem = Extract<WorkedOut, { state: 'problem' }>;

/** Most containers that are worth asking for instead of one. */
const mostContainers = 200;

/** The smallest usual container that takes so much: of the same kind where there is one. */
const containerFor = (ml: number, { kind }: Container, count: number): SuggestedChange[] => {
  const large = usualContainers
    .filter((usualContainer) => fillMl(usualContainer) >= ml - 1e-9)
    .sort((a, b) => a.nominalMl - b.nominalMl);
  const found = large.find((entry) => entry.kind === kind) ?? large[0];
  return found ? [{ kind: 'container', id: found.id, count }] : [];
};

/**
 * What would hold a blend that does not fit: a container that does, so many of its own, or only
 * what fits, with the oils in proportion. None for a problem that is not about room.
 */
export const toFit = (
  catalog: Catalog,
  recipe: Recipe,
  { problem }: Pick<Problem, 'problem'>,
): readonly SuggestedChange[] => {
  if (
    problem.code !== 'too-full' &&
    problem.code !== 'oils-do-not-fit' &&
    problem.code !== 'no-room'
  )
    return [];
  const [line] = fillingsOf(recipe);
  if (!line) return [];
  const each = fillMl(line.container);
  const count = Math.ceil(problem.value / each - 1e-9);
  const smaller = timesSmaller(recipe, problem.limit / problem.value);
  return [
    ...containerFor(problem.value, line.container, line.count),
    ...(problem.code === 'too-full' && count <= mostContainers
      ? [{ kind: 'count', count } as const]
      : []),
    ...(smaller && workOut(catalog, smaller).state === 'done'
      ? [{ kind: 'fit', recipe: smaller } as const]
      : []),
  ].filter((change) => change.kind === 'fit' || change.kind === 'container' || count > 1);
};

/** What would hold a blend that does not fit, each with what it comes to; none that must not be used. */
export const suggestFits = (
  catalog: Catalog,
  recipe: Recipe,
  problem: Pick<Problem, 'problem'>,
): readonly Suggestion[] =>
  toFit(catalog, recipe, problem).flatMap((change) => {
    const then = workOut(catalog, withChange(recipe, change));
    // A larger bottle of what must not be used gains nothing.
    return then.state === 'done' && !then.evaluation.blocking
      ? [{ change, outcome: then.evaluation }]
      : [];
  });
