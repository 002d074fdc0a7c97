// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { act, cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { bottles } from '../../store/bottles';
import { ledger } from '../../store/ledger';
import { showScreen } from '../../parts/onScreen.testing';
import { BottleScreen, NewBottleScreen } from './BottleScreen';

afterEach(() => {
  cleanup();
  vi.restoreAllMocks();
});

const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));
const valueOf = (label: string): string | undefined =>
  document
    .getElementById(screen.getByLabelText(label).getAttribute('aria-describedby') ?? '')
    ?.textContent.trim();

test('nothing is saved while a field is wrong, and the first of them has the focus', async () => {
  showScreen(NewBottleScreen, '/shelf/new', '/shelf/new?of=lavender');
  type('Opened on', '2098-01-01');
  type('Left in it, in ml', '12');
  press('Add to shelf');
  await waitFor(() => expect(document.activeElement).toBe(screen.getByLabelText('Opened on')));
  expect(valueOf('Opened on')).toBe('The day it was opened can’t be in the future.');
  expect(valueOf('Left in it, in ml')).toBe('More is left than the full bottle holds.');
  expect(await bottles.list()).toEqual([]);

  // What is mended is no longer wrong, wherever it was mended.
  type('Opened on', '2024-01-01');
  type('Holds, in ml', '20');
  await waitFor(() => expect(valueOf('Left in it, in ml')).toBe(undefined));
  press('Add to shelf');
  await waitFor(async () => expect(await bottles.list()).toHaveLength(1));
  expect((await bottles.list())[0]?.bottle).toMatchObject({
    materialId: 'lavender',
    openedOn: '2024-01-01',
    size: 20,
    left: 12,
  });
});

test('what a field could not read is not saved as the number from before', async () => {
  const [stored] = await bottles.list();
  const { address } = showScreen(BottleScreen, '/shelf/:bottleId', `/shelf/${stored?.id ?? ''}`);
  await screen.findByLabelText('Lot');
  type('Lot', 'LV-2');
  type('Holds, in ml', 'half');
  fireEvent.blur(screen.getByLabelText('Holds, in ml'));
  press('Save');
  expect(screen.getByLabelText<HTMLInputElement>('Holds, in ml').value).toBe('half');
  await act(async () => {});
  expect((await bottles.list())[0]?.bottle.lot).toBe('');
  expect(address()).toContain('/shelf/');
  type('Holds, in ml', '30');
  press('Save');
  await waitFor(() => expect(address()).toBe('/shelf'));
  expect((await bottles.list())[0]?.bottle).toMatchObject({ lot: 'LV-2', size: 30, left: 12 });
});

test('a size is read as people say it', async () => {
  const [stored] = await bottles.list();
  showScreen(BottleScreen, '/shelf/:bottleId', `/shelf/${stored?.id ?? ''}`);
  await screen.findByLabelText('Lot');
  type('Holds, in ml', '2 US fl oz');
  fireEvent.blur(screen.getByLabelText('Holds, in ml'));
  // 2 times 29.57 ml.
  await waitFor(() =>
    expect(screen.getByLabelText<HTMLInputElement>('Holds, in ml').value).toMatch(/^59\.1/),
  );
});

test('what is left is counted anew with a reason, taken out, and undone; never typed over', async () => {
  const [stored] = await bottles.list();
  showScreen(BottleScreen, '/shelf/:bottleId', `/shelf/${stored?.id ?? ''}`);
  await screen.findByText('12 ml left', { exact: false });
  expect(screen.queryByLabelText('Left in it, in ml')).toBeNull();
  type('Left in it now, in ml', '9');
  const save = screen.getByRole<HTMLButtonElement>('button', { name: 'Save the change' });
  // Without a reason it is not saved.
  expect(save.disabled).toBe(true);
  type('Why', 'the dropper leaks');
  press('Save the change');
  await screen.findByText('9 ml left', { exact: false });
  fireEvent.change(screen.getByLabelText('What happened'), { target: { value: 'spilled' } });
  type('How much, in ml', '20');
  press('Save the change');
  await expect(
    ledger.takeOut(stored?.id ?? '', { kind: 'spilled', amount: 20, why: '' }),
  ).rejects.toMatchObject({ code: 'more-than-left' });
  expect(screen.getByLabelText<HTMLInputElement>('How much, in ml').value).toBe('20');
  expect(await ledger.of(stored?.id ?? '')).toHaveLength(1);
  type('How much, in ml', '2');
  press('Save the change');
  await screen.findByText('7 ml left', { exact: false });
  press('Undo: Recounted: 9 ml found, 12 ml expected: the dropper leaks');
  await screen.findByText('10 ml left', { exact: false });
  expect(screen.getByText('undone')).toBeTruthy();
  // Its ledger is in ml: another unit would make other amounts of the same numbers.
  expect(screen.getByLabelText<HTMLSelectElement>('Measured in').disabled).toBe(true);
});

test('a write that fails keeps what was typed and says why', async () => {
  vi.spyOn(bottles, 'add').mockRejectedValue(new DOMException('full', 'QuotaExceededError'));
  showScreen(NewBottleScreen, '/shelf/new', '/shelf/new?of=lavender');
  type('Lot', 'LV-3');
  press('Add to shelf');
  expect((await screen.findByRole('alert')).textContent).toBe(
    'It was not saved: the disk is full (save a backup in Settings, then delete photographs or free some space). What you typed is still here.',
  );
  expect(screen.getByLabelText<HTMLInputElement>('Lot').value).toBe('LV-3');
});

test('going elsewhere with something typed asks first; an untouched page lets go', async () => {
  const { address, go } = showScreen(NewBottleScreen, '/shelf/new');
  await act(() => go('/batches'));
  expect(address()).toBe('/batches');
  await act(() => go('/shelf/new'));
  type('Supplier', 'Prompt corner');
  await act(() => go('/batches'));
  expect(address()).toBe('/shelf/new');
  press('Stay here');
  expect(screen.queryByRole('alertdialog')).toBeNull();
  await act(() => go('/batches'));
  press('Leave without saving');
  await waitFor(() => expect(address()).toBe('/batches'));
});
