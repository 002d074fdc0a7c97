import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import { createElement, type ComponentType } from 'react';
import { createMemoryRouter, RouterProvider } from 'react-router';

/** jsdom draws nothing, so nothing ever changes its size. */
class NeverResized {
  observe = () => undefined;
  unobserve = () => undefined;
  disconnect = () => undefined;
}
globalThis.ResizeObserver = NeverResized;

/**
 * One screen at its address, in a house of its own; any other address is an empty page.
 *
 * @returns the way to ask where one is
 */
export const showScreen = (screen: ComponentType, pattern: string, at = pattern) => {
  const router = createMemoryRouter(
    [
      { path: pattern, Component: screen },
      { path: '*', element: null },
    ],
    { initialEntries: [at] },
  );
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  render(createElement(QueryClientProvider, { client }, createElement(RouterProvider, { router })));
  return { address: () => router.state.location.pathname, go: (to: string) => router.navigate(to) };
};
