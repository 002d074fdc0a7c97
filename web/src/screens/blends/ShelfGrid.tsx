import { lazy, Suspense } from 'react';
import type { ShelfProps } from './shelfProps';

/** Up to so many blends all are drawn; of more what is near the window. */
const drawnWhole = 48;

const Long = lazy(async () => ({ default: (await import('./LongShelf')).LongShelf }));

/** Blends side by side on shelves, as many as the page is wide for. */
export const ShelfGrid = (props: ShelfProps) =>
  props.ids.length > drawnWhole ? (
    <Suspense fallback={null}>
      <Long {...props} />
    </Suspense>
  ) : (
    <ul className="mt-4 grid grid-cols-[repeat(auto-fill,minmax(185px,1fr))] max-sm:grid-cols-2">
      {props.ids.map((id) => (
        <li
          key={id}
          className="row-span-2 grid min-w-0 grid-cols-[minmax(0,1fr)] grid-rows-subgrid"
        >
          {props.children(id)}
        </li>
      ))}
    </ul>
  );
