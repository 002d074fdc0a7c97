import type { Wearer } from '../brief';
import type { Catalog } from '../catalog';
import { workOut, type Evaluation } from '../drops';
import { wholeBlendLimit } from '../limits';
import { setWearer, type Recipe } from '../recipe';
import { withChange, type SuggestedChange } from './change';
import { strengthBy } from '../mixture';
import { suggestChanges } from './suggestedChanges';
import { noStronger } from './weaker';

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
  | { readonly ok: false; readonly why: 'not-worked-out' | 'none' | 'no-way' };

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
  if (worked.evaluation.verdict !== 'over' && !worked.evaluation.blocking) {
    return { ok: true, recipe: start, evaluation: worked.evaluation, changed: null };
  }
  const found = suggestChanges(catalog, start).find(
    ({ change, outcome }) =>
      asksNothing(change) &&
      outcome.verdict !== 'over' &&
      outcome.verdict !== null &&
      !outcome.blocking,
  );
  if (!found) return { ok: false, why: 'no-way' };
  const mended = withChange(start, found.change);
  const after = workOut(catalog, mended);
  return after.state === 'done' && after.evaluation.verdict !== 'over' && !after.evaluation.blocking
    ? {
        ok: true,
        recipe: mended,
        evaluation: after.evaluation,
        changed: { change: found.change, of: start },
      }
    : { ok: false, why: 'no-way' };
};
