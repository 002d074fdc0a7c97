import { createBrowserRouter, Navigate, type RouteObject } from 'react-router';
import { basePath } from './basePath';
import { FailurePage } from './FailurePage';
import { formerPages, pages } from './pages';
import { BenchRoom, Shell } from './Shell';

const isOfBench = (path: string): boolean => path.startsWith('make/');

const routeOf = ([path, load]: (typeof pages)[number]): RouteObject => ({
  path,
  lazy: async () => ({ Component: await load() }),
  ErrorBoundary: FailurePage,
});

const elsewhere: RouteObject[] = [
  ...formerPages.map(([path, to]) => ({
    path,
    element: <Navigate to={to} relative="path" replace />,
  })),
  {
    path: '*',
    lazy: async () => ({ Component: (await import('./NotFoundPage')).NotFoundPage }),
  },
];

const room = { HydrateFallback: () => null, ErrorBoundary: FailurePage };

/** Every page in its room: the bench has one without the rail. */
export const router = createBrowserRouter(
  [
    {
      ...room,
      Component: BenchRoom,
      children: pages.filter(([path]) => isOfBench(path)).map(routeOf),
    },
    {
      ...room,
      path: '/',
      Component: Shell,
      children: [...pages.filter(([path]) => !isOfBench(path)).map(routeOf), ...elsewhere],
    },
  ],
  { basename: basePath },
);
