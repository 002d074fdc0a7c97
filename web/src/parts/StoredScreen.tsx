import type { UseQueryResult } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { Missing } from './Missing';

/** What is read from the store: not there yet, there, or null where there is no such record. */
type Read<T> = Pick<UseQueryResult<T>, 'data' | 'error'>;

/** Several readings as one: there once all are there. */
export const together = <T extends Readonly<Record<string, unknown>>>(readings: {
  readonly [K in keyof T]: Read<T[K]>;
}): Read<T> => {
  const entries = Object.entries<Read<unknown>>(readings);
  const isThere = entries.every(([, { data }]) => data !== undefined);
  return {
    error: entries.find(([, { error }]) => error !== null)?.[1].error ?? null,
    data: isThere
      ? (Object.fromEntries(entries.map(([name, { data }]) => [name, data])) as T)
      : undefined,
  };
};

/** A screen of what is stored: nothing until it is read, the way on where it is missing or broken. */
export const StoredScreen = <T,>({
  of: { data, error },
  what = 'Record',
  missing = 'It may have been deleted.',
  waiting = null,
  children,
}: {
  of: Read<T | null>;
  /** What is looked for, `Batch`, where there may be none. */
  what?: string;
  missing?: string;
  waiting?: ReactNode;
  children: (data: T) => ReactNode;
}) => {
  // The page of errors says what is wrong, and what can be done.
  if (error) throw error;
  if (data === undefined) return waiting;
  if (data === null) return <Missing title={`${what} not found`} text={missing} />;
  return children(data);
};
