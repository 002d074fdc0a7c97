import type { Wearer } from '../brief';
import type { Catalog } from '../catalog';
import { workOut } from '../drops';
import type { Verdict } from '../limits';
import type { Recipe } from '../recipe';
import { onWearer } from './compareWearers';

/** What one blend, drop for drop, is on each of some people; null where it cannot be worked out. */
export interface BlendOnPeople {
  readonly on: readonly { readonly verdict: Verdict | null; readonly blocking: boolean }[] | null;
}

/** One blend as it is in its drops, on each of these people in their order. */
export const blendOnPeople = (
  catalog: Catalog,
  recipe: Recipe,
  people: readonly Wearer[],
): BlendOnPeople => {
  const worked = workOut(catalog, recipe);
  if (worked.state !== 'done') return { on: null };
  return {
    on: people.map((wearer) => {
      const { verdict, blocking } = onWearer(worked.blend, worked.evaluation.plan, wearer);
      return { verdict, blocking };
    }),
  };
};
