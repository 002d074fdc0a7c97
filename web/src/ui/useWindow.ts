import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useRef, useState } from 'react';

/** So many rows more than are seen are drawn above and below. */
const near = 6;

/** What of a long list is near enough to be drawn, and how much room the rest takes, in px. */
export interface Drawn {
  readonly list: React.RefObject<HTMLElement | null>;
  readonly indexes: readonly number[];
  readonly above: number;
  readonly below: number;
  /** Given each row that is drawn, to be measured. */
  readonly measure: (row: HTMLElement | null) => void;
}

/**
 * @param rowPx how tall a row is before it is measured
 * @param overscan how many rows are drawn beyond what is seen, above and below
 */
export const useWindow = (count: number, rowPx: number, overscan = near): Drawn => {
  const list = useRef<HTMLElement>(null);
  const [scrollMargin, setScrollMargin] = useState(0);
  useLayoutEffect(() => {
    const top = list.current?.getBoundingClientRect().top ?? 0;
    setScrollMargin(Math.round(top + window.scrollY));
  }, [count]);
  const virtual = useWindowVirtualizer({
    count,
    estimateSize: () => rowPx,
    overscan,
    scrollMargin,
  });
  const items = virtual.getVirtualItems();
  const first = items[0];
  const last = items[items.length - 1];
  return {
    list,
    indexes: items.map(({ index }) => index),
    above: first ? first.start - scrollMargin : 0,
    below: last ? virtual.getTotalSize() - (last.end - scrollMargin) : 0,
    measure: virtual.measureElement,
  };
};
