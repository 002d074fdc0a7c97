// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, expect, test, vi } from 'vitest';
import { patchTests } from '../store/patchTests';
import { useStored } from '../store/useStored';
import { showScreen } from './onScreen.testing';
import { PatchTestCard } from './PatchTestCard';

const begun = new Date('2026-11-25T10:00:00.000Z');

afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

const Cards = () => {
  const list = useStored(['patch tests'], () => patchTests.list()).data ?? [];
  return list.map((record) => <PatchTestCard key={record.id} record={record} />);
};

const at = (hours: number): void => {
  vi.useFakeTimers({ toFake: ['Date'], now: begun.getTime() + hours * 3_600_000 });
};

test('before its time only what is seen already is asked; after two days the second reading', async () => {
  at(0);
  await patchTests.begin({
    of: { kind: 'material', materialId: 'lavender', name: 'Lavender' },
    personId: null,
    personName: 'Wilf',
  });
  at(5);
  showScreen(Cards, '/', '/');
  await screen.findByText('Something to see already?');
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Save the reading' }).disabled).toBe(
    true,
  );
  cleanup();
  at(49);
  showScreen(Cards, '/', '/');
  await screen.findByText('What you see after 48 hours');
  fireEvent.click(screen.getByRole('radio', { name: 'no change' }));
  fireEvent.click(screen.getByRole('button', { name: 'Save the reading' }));
  await screen.findByText(/clear after 48 hours/);
  // It is read: nothing more can be added.
  await waitFor(() => expect(screen.queryByRole('radio')).toBeNull());
});

test('stopping asks why, and says what follows', async () => {
  at(60);
  await patchTests.begin({
    of: { kind: 'batch', batchId: 'b', number: '2026-001', name: 'Encore' },
    personId: null,
    personName: 'Wilf',
  });
  showScreen(Cards, '/', '/');
  fireEvent.click(await screen.findByRole('button', { name: 'Stop this test' }));
  const stop = screen.getByRole<HTMLButtonElement>('button', { name: 'Stop it' });
  expect(stop.disabled).toBe(true);
  fireEvent.change(screen.getByLabelText('Why it is stopped'), {
    target: { value: 'it fell off' },
  });
  fireEvent.click(stop);
  await screen.findByText('Stopped: it fell off');
  expect(screen.getByText(/stopped before it could be read/)).toBeTruthy();
});
