import { useEffect, useRef, type RefObject } from 'react';
import { useLocation } from 'react-router';

/**
 * The heading of a page takes the focus when one comes to it from another, so that it is read
 * out and the next key is in the page; what has the focus in the page already keeps it.
 */
export const useHeadingFocus = (): RefObject<HTMLHeadingElement | null> => {
  const heading = useRef<HTMLHeadingElement>(null);
  const { key } = useLocation();
  const came = useRef(key);
  useEffect(() => {
    // The page that was asked for first begins at its top, as pages do.
    if (came.current === 'default') return;
    const room = heading.current?.closest('main');
    if (room && !room.contains(document.activeElement))
      heading.current?.focus({ preventScroll: true });
  }, []);
  return heading;
};
