import { useLayoutEffect, useState, type CSSProperties, type RefObject } from 'react';
import { useWindow } from '../../ui/useWindow';
import type { ShelfProps } from './shelfProps';

/** A place on the shelf is at least so wide, and a shelf about so high, in px. */
const placePx = 185;
const shelfPx = 356;

/** Shelves of many blends, of which only those near the window are drawn. */
export const LongShelf = ({ ids, children }: ShelfProps) => {
  const [columns, setColumns] = useState(5);
  const { list, indexes, above, below, measure } = useWindow(
    Math.ceil(ids.length / columns),
    shelfPx,
    2,
  );
  useLayoutEffect(() => {
    const found = list.current;
    if (!found) return undefined;
    const fit = (): void => setColumns(Math.max(2, Math.floor(found.clientWidth / placePx)));
    const observer = new ResizeObserver(fit);
    observer.observe(found);
    fit();
    return () => observer.disconnect();
  }, [list]);
  return (
    <ul
      ref={list as RefObject<HTMLUListElement>}
      className="mt-4 grid"
      style={
        {
          gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))`,
          '--shelf': `${shelfPx}px`,
        } as CSSProperties
      }
    >
      {above > 0 && <li aria-hidden className="col-span-full" style={{ height: above }} />}
      {indexes.flatMap((row) =>
        ids.slice(row * columns, (row + 1) * columns).map((id, at) => (
          <li
            key={id}
            ref={at === 0 ? measure : undefined}
            data-index={row}
            // As long as its blend is on its way its place is kept: shelves without height would
            // all be within sight. (A subgrid has no height of its own.)
            className="row-span-2 grid min-w-0 grid-cols-[minmax(0,1fr)] grid-rows-subgrid empty:block empty:min-h-(--shelf)"
            aria-setsize={ids.length}
            aria-posinset={row * columns + at + 1}
          >
            {children(id)}
          </li>
        )),
      )}
      {below > 0 && <li aria-hidden className="col-span-full" style={{ height: below }} />}
    </ul>
  );
};
