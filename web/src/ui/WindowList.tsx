import { lazy, Suspense, type ComponentProps } from 'react';
import type { LongList } from './LongList';

/** Up to so many rows all are drawn; of longer lists what is near the window. */
const drawnWhole = 40;

const Long = lazy(async () => ({ default: (await import('./LongList')).LongList }));

/** A list of records: what draws long ones is loaded only when one is long. */
export const WindowList = (props: ComponentProps<typeof LongList>) => {
  const { ids, className, children } = props;
  if (ids.length > drawnWhole) {
    return (
      <Suspense fallback={null}>
        <Long {...props} />
      </Suspense>
    );
  }
  return (
    <ul className={className}>
      {ids.map((id) => (
        <li key={id} className="pb-2">
          {children(id)}
        </li>
      ))}
    </ul>
  );
};
