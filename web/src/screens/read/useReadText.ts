import { readRecipes, type ReadRecipe } from '@jubbet/core/reading';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useMemo } from 'react';
import { useCatalog } from '../../parts/catalog';

/** A text of so many letters is read between two frames; what is longer goes to a worker. */
const shortText = 2_000;

/** The recipes of a text: at once where it is short, in a worker where it is long. */
export const useReadText = (
  typed: string,
): {
  /** Null while a long text is read. */
  readonly recipes: readonly ReadRecipe[] | null;
  readonly isReading: boolean;
  readonly error: Error | null;
  readonly stop: () => void;
  /** Begins again what was stopped; null where nothing was. */
  readonly again: (() => void) | null;
} => {
  const catalog = useCatalog();
  const client = useQueryClient();
  const text = useDeferredValue(typed);
  const isLong = text.length > shortText;
  const short = useMemo(
    () => (isLong || text.trim() === '' ? [] : readRecipes(text, catalog)),
    [text, isLong, catalog],
  );
  const key = ['recipes of a text', isLong ? text : ''];
  const { data, isFetching, error, refetch } = useQuery({
    queryKey: key,
    queryFn: async ({ signal }) =>
      (await import('../../workers/readTextInWorker')).readTextInWorker(text, signal),
    enabled: isLong,
    staleTime: Infinity,
    retry: false,
    gcTime: 0,
  });
  return {
    recipes: isLong ? (data ?? null) : short,
    isReading: isLong && isFetching,
    error: isLong ? error : null,
    stop: () => void client.cancelQueries({ queryKey: key }),
    again:
      isLong && !data && !isFetching && !error
        ? () => void refetch({ cancelRefetch: false })
        : null,
  };
};
