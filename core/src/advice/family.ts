import type { Wearer } from '../brief';
import type { Catalog } from '../catalog';
import { workOut, type Evaluation, type Calculated } from '../drops';
import { wholeBlendLimit } from '../limits';
import { setWearer, type Recipe } from '../recipe';
import { withChange, type SuggestedChange } from './change';
import { strengthBy } from '../mixture';
import { largerContainers, prediluted } from './candidates';
import { together } from './change';
import { suggestChanges } from './suggestedChanges';
import { isStronger, noStronger } from './weaker';

/** A change, said of the recipe before it. */
interface Changed {
  readonly change: SuggestedChange;
  readonly of: Recipe;
}

/** One blend as it is for one person. */
export type Variant =
  | {
      readonly ok: true;
      readonly recipe: Recipe;
      readonly evaluation: Evaluation;
      /** What was changed beside its strength; null where nothing was. */
      readonly changed: Changed | null;
    }
  /** There is none for them, and why. */
  | { readonly ok: false; readonly why: 'not-worked-out' | 'none' | 'too-coarse' | 'no-way' };

/** For whom a variant is made. */
export interface VariantOf {
  readonly wearer: Wearer;
  readonly personId: string;
}

/** Changes that the maker must say yes to by themselves: they ask something of the person. */
const asksMore: ReadonlySet<SuggestedChange['kind']> = new Set([
  'cover',
  'feet',
  'guideline',
  'unscented',
] as const);

const asksNothing = (change: SuggestedChange): boolean =>
  change.kind === 'several' ? change.changes.every(asksNothing) : !asksMore.has(change.kind);

const mayBe = ({ verdict, blocking }: Evaluation): boolean => verdict !== 'over' && !blocking;

/** A drop is so much of it that some oil comes to none. */
const leavesOut = ({ mixture }: Evaluation): boolean =>
  mixture.oils.some(({ drops }) => drops === 0);

/** Larger containers than these are no longer the same thing. */
const mostContainers = 2;

/** A blend in a larger container of its kind, where drops are finer; null where that does not help. */
const inLargerContainer = (
  catalog: Catalog,
  recipe: Recipe,
  done: Calculated,
  recommended: number,
): { change: SuggestedChange; recipe: Recipe; evaluation: Evaluation } | null => {
  const tried = largerContainers(recipe, done)
    .slice(0, mostContainers)
    .flatMap((change) => {
      const larger = withChange(recipe, change);
      const before = workOut(catalog, larger);
      if (before.state !== 'done') return [];
      const aimed = noStronger(catalog, larger, before.evaluation, recommended);
      const worked = workOut(catalog, aimed);
      return worked.state === 'done' && mayBe(worked.evaluation) && !leavesOut(worked.evaluation)
        ? [{ change, recipe: aimed, evaluation: worked.evaluation, worked }]
        : [];
    });
  return tried.find((entry) => !isStronger(entry.worked, entry.recipe, recommended)) ?? null;
};

/** As it is aimed, where whole drops come near enough to that; else in a larger container. */
const withDropsIn = (
  catalog: Catalog,
  aimed: Recipe,
  recommended: number,
  changed: Changed | null,
): Variant => {
  const worked = workOut(catalog, aimed);
  if (worked.state !== 'done' || !mayBe(worked.evaluation)) return { ok: false, why: 'no-way' };
  const here = { ok: true as const, recipe: aimed, evaluation: worked.evaluation, changed };
  const misses = leavesOut(worked.evaluation);
  if (!misses && !isStronger(worked, aimed, recommended)) return here;
  const larger = inLargerContainer(catalog, aimed, worked, recommended);
  if (larger) {
    const { change, recipe, evaluation } = larger;
    const all = changed ? together(changed.change, change) : change;
    return { ok: true, recipe, evaluation, changed: { change: all, of: changed?.of ?? aimed } };
  }
  // Where a drop is too much in any of them, drops of all are mixed with carrier first.
  const mixed = prediluted(catalog, aimed, worked).flatMap((change) => {
    const recipe = withChange(aimed, change);
    const after = workOut(catalog, recipe);
    return after.state === 'done' &&
      mayBe(after.evaluation) &&
      !isStronger(after, recipe, recommended)
      ? [{ change, recipe, evaluation: after.evaluation }]
      : [];
  })[0];
  if (mixed) {
    const all = changed ? together(changed.change, mixed.change) : mixed.change;
    return {
      ok: true,
      recipe: mixed.recipe,
      evaluation: mixed.evaluation,
      changed: { change: all, of: changed?.of ?? aimed },
    };
  }
  // More than is recommended for them is not made for anybody in passing.
  return { ok: false, why: 'too-coarse' };
};

/**
 * A blend for one person: its proportions kept, no stronger than it is and than is recommended for
 * them, and without what may not be there. Never over a limit.
 */
export const variantFor = (
  catalog: Catalog,
  recipe: Recipe,
  { wearer, personId }: VariantOf,
): Variant => {
  const own = workOut(catalog, recipe);
  const { place } = recipe.brief;
  if (own.state !== 'done' || place === null) return { ok: false, why: 'not-worked-out' };
  const theirs = setWearer(wearer, personId)(recipe);
  const { recommended, maximum } = wholeBlendLimit(
    { ...own.blend.brief, wearer },
    recipe.guideline,
  );
  if (maximum <= 0) return { ok: false, why: 'none' };
  const strength = strengthBy(own.evaluation.mixture, recipe.by).likely;
  const start =
    strength > recommended || own.evaluation.verdict === 'over'
      ? noStronger(catalog, theirs, own.evaluation, recommended)
      : theirs;
  const worked = workOut(catalog, start);
  if (worked.state !== 'done') return { ok: false, why: 'no-way' };
  if (mayBe(worked.evaluation)) return withDropsIn(catalog, start, recommended, null);
  const found = suggestChanges(catalog, start).find(
    ({ change, outcome }) => asksNothing(change) && outcome.verdict !== null && mayBe(outcome),
  );
  if (!found) return { ok: false, why: 'no-way' };
  const mended = withChange(start, found.change);
  const after = workOut(catalog, mended);
  if (after.state !== 'done') return { ok: false, why: 'no-way' };
  // With an oil less, whole drops fall otherwise.
  const aimed = isStronger(after, mended, recommended)
    ? noStronger(catalog, mended, after.evaluation, recommended)
    : mended;
  return withDropsIn(catalog, aimed, recommended, { change: found.change, of: start });
};
