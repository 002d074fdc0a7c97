import type { ReactNode, RefObject } from 'react';
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
    <ul ref={list as RefObject<HTMLUListElement>} className={className}>
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
            className="pb-2"
          >
            {children(id)}
          </li>
        );
      })}
      {below > 0 && <li aria-hidden style={{ height: below }} />}
    </ul>
  );
};
