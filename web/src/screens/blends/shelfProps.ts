import type { ReactNode } from 'react';

/** What is on shelves: ids, and what is drawn of each. */
export interface ShelfProps {
  readonly ids: readonly string[];
  readonly children: (id: string) => ReactNode;
}
