// @vitest-environment jsdom
import { act, cleanup, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter, useLocation } from 'react-router';
import { afterEach, expect, test } from 'vitest';
import { isWhole, useBookFilter } from './bookFilter';

afterEach(cleanup);

const at = (address: string) =>
  renderHook(
    () => {
      const [filter, change] = useBookFilter();
      return { filter, change, address: useLocation().search };
    },
    {
      wrapper: ({ children }: { children: ReactNode }) => (
        <MemoryRouter initialEntries={[`/blends${address}`]}>{children}</MemoryRouter>
      ),
    },
  ).result;

test('what is asked of the book stands in its address, and what is usual does not', () => {
  const result = at('');
  expect(isWhole(result.current.filter)).toBe(true);
  act(() => result.current.change({ verdict: 'over', tag: 'gifts' }));
  expect(result.current.address).toBe('?verdict=over&tag=gifts');
  expect(isWhole(result.current.filter)).toBe(false);
  act(() => result.current.change({ verdict: '', tag: '' }));
  expect(result.current.address).toBe('');
});

test('how it is looked at leaves nothing out', () => {
  const result = at('?look=list');
  expect(result.current.filter.look).toBe('list');
  expect(isWhole(result.current.filter)).toBe(true);
});

test('an address that somebody wrote by hand is read as far as it can be', () => {
  const { filter } = at(
    `?look=upside-down&verdict=over&favourites=1&find=${'x'.repeat(300)}&more=1`,
  ).current;
  expect(filter).toMatchObject({ look: 'shelf', verdict: 'over', favourites: '', find: '' });
});
