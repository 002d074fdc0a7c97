import { EllipsisVertical } from 'lucide-react';
import { lazy, Suspense, type ComponentProps } from 'react';
import { moreButton } from './moreButton';
import type { CardMenu as Now } from './CardMenu';

const Menu = lazy(async () => ({ default: (await import('./CardMenu')).CardMenu }));

/** What can be done with a blend: fetched after the names are on the screen. */
export const CardMenu = ({ named, ...props }: ComponentProps<typeof Now> & { named: boolean }) => {
  const waiting = (
    <span className={`${moreButton} ${props.className ?? ''}`}>
      <EllipsisVertical aria-hidden size={18} />
    </span>
  );
  return named ? (
    <Suspense fallback={waiting}>
      <Menu {...props} />
    </Suspense>
  ) : (
    waiting
  );
};
