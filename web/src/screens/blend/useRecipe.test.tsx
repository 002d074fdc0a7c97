// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { emptyRecipe, type Recipe } from '@jubbet/core/recipe';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, expect, test, vi } from 'vitest';
import { blends } from '../../store/blends';
import type { BlendRecord } from '../../store/database';
import { useRecipe } from './useRecipe';

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

const open = async () => {
  const id = await blends.add({ ...emptyRecipe(), name: 'Trial' });
  const record = (await blends.get(id)) as BlendRecord;
  const client = new QueryClient();
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  const view = renderHook(({ of }: { of: BlendRecord }) => useRecipe(of), {
    wrapper,
    initialProps: { of: record },
  });
  const named = (name: string) => (recipe: Recipe) => ({ ...recipe, name });
  const type = (...names: string[]) => {
    act(() => names.forEach((name) => view.result.current.change(named(name), 'name')));
  };
  return { id, view, type, stored: async () => (await blends.get(id))?.recipe.name };
};

test('what is typed shows at once, and the last of it is what is kept', async () => {
  const { view, type, stored } = await open();
  const write = vi.spyOn(blends, 'write');
  type('R', 'Ro', 'Row', 'Row G');
  expect(view.result.current.recipe.name).toBe('Row G');
  expect(view.result.current.saving).toBe(true);
  await waitFor(() => expect(view.result.current.saving).toBe(false));
  expect(await stored()).toBe('Row G');
  // The first letter was on its way; what came meanwhile is one write more.
  expect(write).toHaveBeenCalledTimes(2);
});

test('undo takes a whole word back, in the store as well, and redo brings it again', async () => {
  const { view, type, stored } = await open();
  type('Row', 'Row G');
  act(() => view.result.current.undo());
  expect(view.result.current.recipe.name).toBe('Trial');
  await waitFor(async () => expect(await stored()).toBe('Trial'));
  act(() => view.result.current.redo());
  await waitFor(async () => expect(await stored()).toBe('Row G'));
});

test('a write that fails is told, keeps what was typed, and is tried again', async () => {
  const { view, type, stored } = await open();
  vi.spyOn(blends, 'write').mockRejectedValueOnce(
    Object.assign(new Error('x'), { name: 'QuotaExceededError' }),
  );
  type('Row G');
  await waitFor(() =>
    expect(view.result.current.failure?.reason).toBe(
      'the disk is full (save a backup in Settings, then delete photographs or free some space)',
    ),
  );
  expect(view.result.current.recipe.name).toBe('Row G');
  expect(await stored()).toBe('Trial');
  act(() => view.result.current.retry());
  await waitFor(() => expect(view.result.current.failure).toBeNull());
  await waitFor(async () => expect(await stored()).toBe('Row G'));
});

test('another tab that wrote first is shown, and ours is one undo away', async () => {
  const { id, view, type, stored } = await open();
  const before = (await blends.get(id))!;
  await blends.write(id, { ...before.recipe, name: 'Theirs' }, before.revision);
  type('Ours');
  await waitFor(() => expect(view.result.current.overtaken).toBe(true));
  expect(view.result.current.recipe.name).toBe('Theirs');
  act(() => view.result.current.undo());
  await waitFor(async () => expect(await stored()).toBe('Ours'));
});
