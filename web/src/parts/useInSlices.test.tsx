// @vitest-environment jsdom
import { cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { useInSlices } from './useInSlices';

afterEach(cleanup);

const twice = (n: number): number => 2 * n;

test('all is worked through, in the order of the list, and it says how much is done', async () => {
  const items = [3, 1, 2];
  const { result } = renderHook(() => useInSlices(items, twice));
  expect(result.current).toEqual({ done: [], share: 0 });
  await waitFor(() => expect(result.current).toEqual({ done: [6, 2, 4], share: 1 }));
});

test('another list begins anew, and nothing of the one before shows', async () => {
  const { result, rerender } = renderHook(({ items }) => useInSlices(items, twice), {
    initialProps: { items: [1, 2] },
  });
  await waitFor(() => expect(result.current.done).toEqual([2, 4]));
  rerender({ items: [5] });
  expect(result.current).toEqual({ done: [], share: 0 });
  await waitFor(() => expect(result.current.done).toEqual([10]));
});

test('where nothing is asked nothing is done, and nothing is waited for', () => {
  const items = [1];
  expect(renderHook(() => useInSlices(items, null)).result.current).toEqual({ done: [], share: 1 });
  expect(renderHook(() => useInSlices([], twice)).result.current.share).toBe(1);
});

test('long work leaves room in between, and stops with the page', async () => {
  const items = Array.from({ length: 50 }, (_, n) => n);
  let clock = 0;
  // Each item takes as long as a slice has: one a turn.
  const slow = vi.fn((n: number) => {
    clock += 20;
    return n;
  });
  vi.spyOn(performance, 'now').mockImplementation(() => clock);
  const { result, unmount } = renderHook(() => useInSlices(items, slow));
  await waitFor(() => expect(result.current.done.length).toBeGreaterThan(2));
  expect(result.current.share).toBeLessThan(1);
  unmount();
  const done = slow.mock.calls.length;
  await new Promise((next) => setTimeout(next));
  expect(slow.mock.calls.length).toBe(done);
  vi.restoreAllMocks();
});
