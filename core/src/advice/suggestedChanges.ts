import type { Catalog } from '../catalog';
import { workOut, type Calculated, type Evaluation } from '../drops';
import type { Recipe } from '../recipe';
import {
  candidates,
  forbiddenOils,
  gentler,
  isReduced,
  isSaferOnFeet,
  isTooCoarse,
  withoutForbidden,
} from './candidates';
import { solubilised } from './solubilised';
import { together, withChange, type SuggestedChange } from './change';

/** A change with what it would come to. */
export interface Suggestion {
  readonly change: SuggestedChange;
  readonly outcome: Evaluation;
}

const doneWith = (catalog: Catalog, recipe: Recipe): Calculated | null => {
  const worked = workOut(catalog, recipe);
  return worked.state === 'done' ? worked : null;
};

const isOver = ({ verdict }: Evaluation): boolean => verdict === 'over';

const outcomeOf = (catalog: Catalog, recipe: Recipe, change: SuggestedChange): Calculated | null =>
  doneWith(catalog, withChange(recipe, change));

/** True for what changes which oils are in it, beside how much of them. */
const changesOils = (change: SuggestedChange): boolean =>
  change.kind === 'several'
    ? change.changes.some(changesOils)
    : ['swap', 'swap-base', 'remove'].includes(change.kind);

/** Ids of what a change brings in. */
const broughtIn = (change: SuggestedChange): readonly string[] =>
  change.kind === 'several'
    ? change.changes.flatMap(broughtIn)
    : change.kind === 'swap' || change.kind === 'swap-base'
      ? [change.to]
      : [];

/** True where what was swapped in asks for care of its own: a professional would leave it out. */
const bringsCaution = ({ change, outcome }: Suggestion): boolean => {
  const ids = broughtIn(change);
  return outcome.findings.some(
    ({ subject, verdict }) => ids.includes(subject) && verdict !== 'within' && verdict !== 'note',
  );
};

/**
 * A change that brings it within, with what else it takes; null where nothing does.
 *
 * @param isLessEnough a lower strength alone brings it within: beside that another container or
 *   place gains nothing
 */
const untilWithin = (
  catalog: Catalog,
  recipe: Recipe,
  change: SuggestedChange,
  isLessEnough: boolean,
): Suggestion | null => {
  const then = outcomeOf(catalog, recipe, change);
  if (!then) return null;
  if (!isOver(then.evaluation)) return { change, outcome: then.evaluation };
  if (
    change.kind === 'predilute' ||
    (isLessEnough && !changesOils(change)) ||
    forbiddenOils(withChange(recipe, change), then.evaluation).length > 0
  )
    return null;
  for (const more of gentler(withChange(recipe, change), then)) {
    const both = together(change, more);
    const after = doneWith(catalog, withChange(recipe, both));
    if (after && !isOver(after.evaluation)) return { change: both, outcome: after.evaluation };
  }
  return null;
};

/** What was reached of what was wanted, for a blend that is held below its target. */
const isNearer = (now: Evaluation, then: Evaluation): boolean =>
  !isReduced(then) &&
  then.plan.reachedMl > 0 &&
  then.mixture.oils.length >= now.mixture.oils.length;

/** Changes that alter nothing of what is in it, or of the smell; the others are not worth it here. */
const worthWhileIfReduced: ReadonlySet<SuggestedChange['kind']> = new Set([
  'target',
  'amounts',
  'cover',
  'container',
  'guideline',
  'swap',
  'predilute',
] as const);

/**
 * The smallest changes that bring a blend that is over, or held below its target, within its
 * limits; those that change the smell least first, several at once where it takes several. One
 * container, the smallest that helps, is offered. None where nothing needs changing, and none that
 * gains nothing.
 *
 * @param most how many at the most
 */
export const suggestChanges = (
  catalog: Catalog,
  recipe: Recipe,
  most = 4,
): readonly Suggestion[] => {
  const now = doneWith(catalog, recipe);
  if (!now) return [];
  const over = isOver(now.evaluation);
  const binding = isReduced(now.evaluation);
  const isCoarse = now.evaluation.verdict === 'caution' && isTooCoarse(recipe, now);
  // A spray whose oil floats is a caution, and mended with what takes it up.
  const [taken] = over ? [] : solubilised(catalog, recipe, now);
  if (taken) {
    const then = outcomeOf(catalog, recipe, taken);
    return then && !isOver(then.evaluation) ? [{ change: taken, outcome: then.evaluation }] : [];
  }
  if (!over && !binding && !isCoarse) return [];
  const gone = over ? forbiddenOils(recipe, now.evaluation) : [];
  const list =
    gone.length > 0
      ? [
          ...withoutForbidden(catalog, recipe, gone).map((changes) => together(...changes)),
          ...(isSaferOnFeet(recipe, now.evaluation) ? [{ kind: 'feet' } as const] : []),
        ]
      : candidates(catalog, recipe, now);
  const isLessEnough = gentler(recipe, now).some((less) => {
    const then = doneWith(catalog, withChange(recipe, less));
    return then !== null && !isOver(then.evaluation);
  });
  const suggestions: Suggestion[] = [];
  for (const change of list) {
    if (suggestions.length === most) break;
    if (
      change.kind === 'container' &&
      suggestions.some((suggestion) => suggestion.change.kind === 'container')
    ) {
      continue;
    }
    if (!over && !worthWhileIfReduced.has(change.kind)) continue;
    const found = untilWithin(catalog, recipe, change, isLessEnough);
    if (!found || bringsCaution(found)) continue;
    if (
      !over &&
      binding &&
      change.kind !== 'predilute' &&
      !isNearer(now.evaluation, found.outcome)
    ) {
      continue;
    }
    if (!over && !binding && found.outcome.verdict !== 'within') continue;
    const same = JSON.stringify(found.change);
    if (suggestions.some((suggestion) => JSON.stringify(suggestion.change) === same)) continue;
    suggestions.push(found);
  }
  return suggestions;
};
