import {
  hashKey,
  useQuery,
  useQueryClient,
  type QueryClient,
  type UseQueryResult,
} from '@tanstack/react-query';
import { liveQuery, type Subscription } from 'dexie';
import { useEffect, useSyncExternalStore } from 'react';
import { onNewDay, today } from './now';

/** One reading of the store that goes on, however many parts of the screen show it. */
interface Reading {
  readonly first: Promise<unknown>;
  readonly subscription: Subscription;
  readers: number;
}

const readings = new WeakMap<QueryClient, Map<string, Reading>>();

const readingsOf = (client: QueryClient): Map<string, Reading> => {
  const before = readings.get(client);
  if (before) return before;
  const none = new Map<string, Reading>();
  readings.set(client, none);
  return none;
};

/** The reading under a key; begun where no one reads it yet. */
const readingOf = (
  client: QueryClient,
  key: readonly unknown[],
  read: () => Promise<unknown>,
): Reading => {
  const open = readingsOf(client);
  const name = hashKey(key);
  const before = open.get(name);
  if (before) return before;
  let settle: { done: (value: unknown) => void; fail: (error: unknown) => void } | null = null;
  const first = new Promise<unknown>((done, fail) => {
    settle = { done, fail };
  });
  // Someone may have left before it came.
  first.catch(() => undefined);
  const subscription = liveQuery(read).subscribe({
    next: (value) => {
      settle?.done(value);
      client.setQueryData(key, value);
    },
    error: (error: unknown) => {
      settle?.fail(error);
      // The next reader, or the next try, begins again.
      open.delete(name);
      void client.invalidateQueries({ queryKey: key });
    },
  });
  const reading = { first, subscription, readers: 0 };
  open.set(name, reading);
  return reading;
};

/**
 * What the store holds, kept up to date: a change here or in another tab shows without asking
 * again. Each key is read once, whoever shows it.
 *
 * @param key names what is read, with its arguments
 * @param read must be the same for the same key
 */
export const useStored = <T>(
  key: readonly unknown[],
  read: () => Promise<T>,
): UseQueryResult<T> => {
  const client = useQueryClient();
  const name = hashKey(key);
  // What is late, or how old someone is, hangs on the day: what shows records shows it anew.
  useSyncExternalStore(onNewDay, today);
  useEffect(() => {
    const reading = readingOf(client, key, read);
    reading.readers += 1;
    return () => {
      reading.readers -= 1;
      // What is shown elsewhere in the same breath goes on.
      setTimeout(() => {
        if (reading.readers > 0) return;
        reading.subscription.unsubscribe();
        const open = readingsOf(client);
        if (open.get(name) === reading) open.delete(name);
      });
    };
    // The key names what is read; `read` and the key's identity change at every render.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [client, name]);
  return useQuery({
    queryKey: key,
    queryFn: () => readingOf(client, key, read).first as Promise<T>,
    staleTime: Infinity,
  });
};

/** What is stored, undefined until it is read; what cannot be read is for the page of errors. */
export const useThere = <T>(key: readonly unknown[], read: () => Promise<T>): T | undefined => {
  const { data, error } = useStored(key, read);
  if (error) throw error;
  return data;
};
