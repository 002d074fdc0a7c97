import { libraryRevision, workOut, type BlendDraft, type WorkedOut } from '@jubbet/core';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';

/**
 * A draft worked out at once; where its drops could not be proved to be the nearest
 * within a frame, a worker goes on and the answer follows.
 */
export const useWorkedOut = (
  draft: BlendDraft,
): { readonly worked: WorkedOut; readonly looking: boolean } => {
  const quick = useMemo(() => workOut(draft), [draft]);
  const unsure = quick.state === 'done' && !quick.evaluation.plan.proved;
  const { data, isFetching } = useQuery({
    // Other materials or bottles in the house make it another question.
    queryKey: ['nearest drops', libraryRevision, draft],
    queryFn: async ({ signal }) => (await import('./nearestDrops')).nearestDrops(draft, signal),
    enabled: unsure,
    staleTime: Infinity,
    retry: false,
  });
  const worked = useMemo(
    () => (unsure && data ? workOut(draft, data) : quick),
    [unsure, data, draft, quick],
  );
  return { worked, looking: unsure && isFetching };
};
