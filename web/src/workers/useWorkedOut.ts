import { workOut, type WorkedOut } from '@jubbet/core/drops';
import type { Recipe } from '@jubbet/core/recipe';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { useCatalog } from '../parts/catalog';

/** Catalogs are told apart by when they were first seen: another one makes another question. */
const seen = new WeakMap<object, number>();
const numbers = { last: 0 };

const numberOf = (catalog: object): number => {
  const before = seen.get(catalog);
  if (before !== undefined) return before;
  numbers.last += 1;
  seen.set(catalog, numbers.last);
  return numbers.last;
};

/**
 * A recipe worked out at once; where its drops could not be proved to be the nearest
 * within a frame, a worker goes on and the answer follows.
 */
export const useWorkedOut = (
  recipe: Recipe,
): { readonly worked: WorkedOut; readonly looking: boolean } => {
  const catalog = useCatalog();
  const quick = useMemo(() => workOut(catalog, recipe), [catalog, recipe]);
  const unsure = quick.state === 'done' && !quick.evaluation.plan.proved;
  const { data, isFetching } = useQuery({
    // Other materials or bottles in the house make it another question.
    queryKey: ['nearest drops', numberOf(catalog), recipe],
    queryFn: async ({ signal }) => (await import('./nearestDrops')).nearestDrops(recipe, signal),
    enabled: unsure,
    staleTime: Infinity,
    retry: false,
  });
  const worked = useMemo(
    () => (unsure && data ? workOut(catalog, recipe, data) : quick),
    [unsure, data, catalog, recipe, quick],
  );
  return { worked, looking: unsure && isFetching };
};
