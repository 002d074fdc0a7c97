import { lazy, Suspense, type ComponentProps } from 'react';
import type { CardMenu as Now } from './CardMenu';

/** Where what can be done with a blend is opened. */
const moreButton =
  'z-10 inline-grid size-11 place-items-center rounded-full text-soft hover:bg-slate-wash hover:text-ink';

const Menu = lazy(async () => ({ default: (await import('./CardMenu')).CardMenu }));

/** What can be done with a blend: loaded after the names are on the screen. */
export const CardMenu = ({
  named,
  className = '',
  ...props
}: Omit<ComponentProps<typeof Now>, 'button'> & { named: boolean; className?: string }) => {
  const button = `${moreButton} ${className}`;
  const waiting = <span className={button} />;
  return named ? (
    <Suspense fallback={waiting}>
      <Menu {...props} button={button} />
    </Suspense>
  ) : (
    waiting
  );
};
