import type { CSSProperties, ReactNode, RefObject } from 'react';
import { useWindow } from './useWindow';

/** A long list, of which only what is near the window is drawn. */
export const LongList = ({
  ids,
  rowPx,
  className,
  children,
}: {
  ids: readonly string[];
  rowPx: number;
  className?: string | undefined;
  children: (id: string) => ReactNode;
}) => {
  const { list, indexes, above, below, measure } = useWindow(ids.length, rowPx);
  return (
    <ul
      ref={list as RefObject<HTMLUListElement>}
      className={className}
      style={{ '--row': `${rowPx}px` } as CSSProperties}
    >
      {above > 0 && <li aria-hidden style={{ height: above }} />}
      {indexes.map((index) => {
        const id = ids[index] ?? '';
        return (
          <li
            key={id}
            ref={measure}
            data-index={index}
            aria-setsize={ids.length}
            aria-posinset={index + 1}
            // Rows on their way keep their place: without height all would be within sight.
            className="pb-2 empty:min-h-(--row)"
          >
            {children(id)}
          </li>
        );
      })}
      {below > 0 && <li aria-hidden style={{ height: below }} />}
    </ul>
  );
};
