// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { shippedCatalog } from '@jubbet/core/catalog';
import { workOut } from '@jubbet/core/drops';
import { stepsOf, type BenchEvent } from '@jubbet/core/making';
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { batches } from '../../store/batches';
import { useBench } from './useBench';
import { trial } from '../../parts/trial.testing';

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

const open = async () => {
  const worked = workOut(shippedCatalog, trial);
  if (worked.state !== 'done') throw new Error(worked.state);
  const { blend, evaluation } = worked;
  const id = await batches.start({ blendId: 'b', recipe: trial, blend, evaluation, reason: '' });
  const planned = stepsOf(blend, evaluation.mixture);
  const bench = { blend, planned, reason: '', bottleOf: () => 'lavender-1' };
  const finished = vi.fn();
  const view = renderHook(
    ({ stored }: { stored: readonly BenchEvent[] }) => useBench(id, bench, stored, finished),
    { initialProps: { stored: [] as readonly BenchEvent[] } },
  );
  const press = async (...intents: Parameters<typeof view.result.current.act>[0][]) => {
    const wanted = (view.result.current.tally?.seq ?? 0) + intents.length;
    act(() => intents.forEach((intent) => view.result.current.act(intent, 'key')));
    await waitFor(() => expect(view.result.current.tally?.seq).toBe(wanted));
  };
  return { id, view, press, finished, planned };
};

const step = 'count/0/lavender';

test('each press is kept before it is shown, with what, from which bottle, and by what', async () => {
  const { id, view, press } = await open();
  await press('go-on', 'go-on', 'drop', 'drop');
  await waitFor(() => expect(view.result.current.tally?.drops.get(step)).toBe(2));
  expect((await batches.events(id)).at(-1)).toEqual({
    kind: 'drop',
    step,
    container: 0,
    ingredient: 'lavender',
    bottleId: 'lavender-1',
    source: 'key',
    drops: 1,
  });
});

test('what was read before the last press takes nothing back', async () => {
  const { id, view, press } = await open();
  await press('go-on', 'go-on', 'drop');
  const older = await batches.events(id);
  await press('drop');
  await waitFor(() => expect(view.result.current.tally?.drops.get(step)).toBe(2));
  view.rerender({ stored: older });
  expect(view.result.current.tally?.drops.get(step)).toBe(2);
});

test('a drop taken back names the one that it undoes', async () => {
  const { id, press } = await open();
  await press('go-on', 'go-on', 'drop', 'take-back');
  expect((await batches.events(id)).at(-1)).toMatchObject({ kind: 'take-back', undoes: 3 });
});

test('a press that cannot be kept is not shown, and says so', async () => {
  const { view, press } = await open();
  await press('go-on', 'go-on', 'drop');
  vi.spyOn(batches, 'record').mockRejectedValueOnce(
    Object.assign(new Error('x'), { name: 'QuotaExceededError' }),
  );
  act(() => view.result.current.act('drop', 'tap'));
  await waitFor(() =>
    expect(view.result.current.failure?.reason).toBe(
      'the disk is full (save a backup in Settings, then delete photographs or free some space)',
    ),
  );
  expect(view.result.current.tally?.drops.get(step)).toBe(1);
});

test('the last step tells that the batch is finished, once', async () => {
  const { id, view, press, finished, planned } = await open();
  await press('go-on', 'go-on', 'drop', 'drop');
  const rest = planned.slice(2);
  for (let n = 0; n < rest.length; n += 1) act(() => view.result.current.act('go-on', 'tap'));
  await waitFor(() => expect(finished).toHaveBeenCalledTimes(1));
  expect(await batches.get(id)).toMatchObject({ made: { verdict: expect.any(String) } });
  expect((await batches.get(id))?.log).not.toBeNull();
});
