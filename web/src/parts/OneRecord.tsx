import type { ReactNode } from 'react';
import { useStored } from '../store/useStored';
import { Boundary } from './Boundary';
import { BrokenRecord } from './BrokenRecord';
import { useWrite } from './useWrite';

const Thrown = ({ error }: { error: Error }): never => {
  throw error;
};

/**
 * One record of a list, read by itself: a change of it draws nothing but its row, and one that
 * cannot be shown takes no other with it.
 */
export const OneRecord = <R,>({
  what,
  of,
  read,
  nameOf,
  onDelete,
  children,
}: {
  /** `blend`, `batch`. */
  what: string;
  /** Names what is read. */
  of: readonly unknown[];
  read: () => Promise<R | null>;
  nameOf: (record: R) => string;
  onDelete: () => Promise<unknown>;
  children: (record: R) => ReactNode;
}) => {
  const { data, error } = useStored(of, read);
  const write = useWrite();
  return (
    <Boundary
      fallback={(broken) => (
        <BrokenRecord
          what={what}
          name={data ? nameOf(data) : String(of[1])}
          error={broken}
          record={data}
          onDelete={() => void write('The list', onDelete)}
        />
      )}
    >
      {error ? <Thrown error={error} /> : data ? children(data) : null}
    </Boundary>
  );
};
