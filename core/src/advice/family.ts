import type { Wearer } from '../brief';
import type { Catalog } from '../catalog';
import { workOut, type Evaluation, type WorkedOut } from '../drops';
import { wholeBlendLimit } from '../limits';
import { setWearer, type Recipe } from '../recipe';
import { withChange, type SuggestedChange } from './change';
import { strengthBy } from '../mixture';
import { largerContainers, suggestChanges } from './suggestedChanges';
import { isPast, noStronger } from './weaker';

type Done = Extract<WorkedOut, { state: 'done' }>;

/** One blend as it is for one person. */
export type Variant =
  | {
      readonly ok: true;
      readonly recipe: Recipe;
      readonly evaluation: Evaluation;
      /** What was changed beside its strength, said of the recipe before; null where nothing was. */
      readonly changed: { readonly change: SuggestedChange; readonly of: Recipe } | null;
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
  'predilute',
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

/** In a larger container of its kind drops are finer; null where that does not help. */
const inLargerContainer = (
  catalog: Catalog,
  start: Recipe,
  done: Done,
  recommended: number,
): Variant | null => {
  let nearest: Variant | null = null;
  for (const change of largerContainers(done).slice(0, mostContainers)) {
    const larger = workOut(catalog, withChange(start, change));
    if (larger.state !== 'done') continue;
    const recipe = noStronger(catalog, withChange(start, change), larger.evaluation, recommended);
    const worked = workOut(catalog, recipe);
    if (worked.state !== 'done' || !mayBe(worked.evaluation)) continue;
    if (leavesOut(worked.evaluation)) continue;
    const variant = {
      ok: true as const,
      recipe,
      evaluation: worked.evaluation,
      changed: { change, of: start },
    };
    if (!isPast(worked, recipe, recommended)) return variant;
    nearest = variant;
  }
  // A caution with every oil in it is worth more than a blend without some of them.
  return leavesOut(done.evaluation) ? nearest : null;
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
  if (mayBe(worked.evaluation)) {
    const roomier = isPast(worked, start, recommended)
      ? inLargerContainer(catalog, start, worked, recommended)
      : null;
    if (roomier) return roomier;
    return leavesOut(worked.evaluation)
      ? { ok: false, why: 'too-coarse' }
      : { ok: true, recipe: start, evaluation: worked.evaluation, changed: null };
  }
  const found = suggestChanges(catalog, start).find(
    ({ change, outcome }) =>
      asksNothing(change) &&
      outcome.verdict !== 'over' &&
      outcome.verdict !== null &&
      !outcome.blocking &&
      !leavesOut(outcome),
  );
  if (!found) return { ok: false, why: 'no-way' };
  const changed = { change: found.change, of: start };
  const mended = withChange(start, found.change);
  const after = workOut(catalog, mended);
  if (after.state !== 'done' || !mayBe(after.evaluation)) return { ok: false, why: 'no-way' };
  // With an oil less, whole drops fall otherwise.
  const again = isPast(after, mended, recommended)
    ? noStronger(catalog, mended, after.evaluation, recommended)
    : mended;
  const last = workOut(catalog, again);
  return last.state === 'done' && mayBe(last.evaluation) && !leavesOut(last.evaluation)
    ? { ok: true, recipe: again, evaluation: last.evaluation, changed }
    : { ok: true, recipe: mended, evaluation: after.evaluation, changed };
};
