import type { PlanRead } from '@jubbet/core/exchange';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';

/** What the search for a better order has told so far, of one plan. */
interface Told {
  readonly text: string;
  readonly first: PlanRead | null;
  readonly share: number | null;
}

/** A plan worked out in a worker: a first answer soon, the best when it is found. */
export const usePlanned = (
  text: string | null,
): {
  readonly answer: PlanRead | null;
  /** How far the search is, from 0 to 1; null where none goes on. */
  readonly share: number | null;
  readonly isLooking: boolean;
  readonly stop: () => void;
} => {
  const client = useQueryClient();
  const [told, setTold] = useState<Told | null>(null);
  const [stoppedAt, setStoppedAt] = useState<string | null>(null);
  const key = ['plan worked out', text];
  const { data, isFetching, error } = useQuery({
    queryKey: key,
    queryFn: async ({ signal }) => {
      const asked = text ?? '';
      const { planInWorker } = await import('../../workers/planInWorker');
      return planInWorker(
        asked,
        {
          onFirst: (first) => setTold({ text: asked, first, share: 0 }),
          onProgress: (share) =>
            setTold((before) => ({
              text: asked,
              first: before?.text === asked ? before.first : null,
              share,
            })),
        },
        signal,
      );
    },
    enabled: text !== null && stoppedAt !== text,
    // The pace of the house may have changed by the next visit; within one the answer stays.
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
  });
  if (error && error.name !== 'CancelledError') throw error;
  const first = told?.text === text ? told.first : null;
  const isLooking = isFetching && data === undefined;
  return {
    answer: data ?? first ?? null,
    share: isLooking && told?.text === text ? told.share : null,
    isLooking,
    stop: () => {
      setStoppedAt(text);
      void client.cancelQueries({ queryKey: key });
    },
  };
};
