import { useQuery, useQueryClient, type UseQueryResult } from '@tanstack/react-query';
import { liveQuery } from 'dexie';
import { useEffect } from 'react';

/**
 * What the store holds, kept up to date: a change here or in another tab shows
 * without asking again.
 *
 * @param key names what is read, with its arguments
 * @param read must be the same for the same key
 */
export const useStored = <T>(
  key: readonly unknown[],
  read: () => Promise<T>,
): UseQueryResult<T> => {
  const client = useQueryClient();
  const name = JSON.stringify(key);
  useEffect(() => {
    const subscription = liveQuery(read).subscribe({
      next: (value) => client.setQueryData(key, value),
      error: () => void client.invalidateQueries({ queryKey: key }),
    });
    return () => subscription.unsubscribe();
    // The key names what is read; `read` and the key's identity change at every render.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [client, name]);
  return useQuery({ queryKey: key, queryFn: read, staleTime: Infinity });
};
