import { lazy, Suspense, type ComponentProps } from 'react';
import type { Broken } from './Broken';

const Shown = lazy(async () => ({ default: (await import('./Broken')).Broken }));

/** A record that cannot be shown; what says so is loaded only when there is one. */
export const BrokenRecord = (props: ComponentProps<typeof Broken>) => (
  <Suspense fallback={null}>
    <Shown {...props} />
  </Suspense>
);
