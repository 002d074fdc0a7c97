import type { ReactNode } from 'react';

/** What stands on shelves: ids, and what is drawn of each. */
export interface ShelfProps {
  readonly ids: readonly string[];
  readonly children: (id: string) => ReactNode;
}
