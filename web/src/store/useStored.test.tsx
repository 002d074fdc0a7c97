// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, render, screen, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, expect, test, vi } from 'vitest';
import { openDatabase } from './database';
import { settingsStore } from './settings';
import { useStored } from './useStored';

afterEach(cleanup);

/** One application: what is shown later is shown in the same. */
const application = () => {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const inHouse = (children: ReactNode) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  return inHouse;
};

let serial = 0;
const house = () => {
  serial += 1;
  const db = openDatabase(`use-stored-${serial}`);
  const store = settingsStore(db);
  return { store, read: vi.fn(() => store.read()), inHouse: application() };
};

test('what two parts of a screen show is read once, and a change reaches both', async () => {
  const { store, read, inHouse } = house();
  await store.write('maker', 'Dorrit');
  const Part = () => <p>{useStored(['settings'], read).data?.maker}</p>;
  render(
    inHouse(
      <>
        <Part />
        <Part />
      </>,
    ),
  );
  await waitFor(() => expect(screen.getAllByText('Dorrit')).toHaveLength(2));
  expect(read).toHaveBeenCalledTimes(1);
  await store.write('maker', 'Vane');
  await waitFor(() => expect(screen.getAllByText('Vane')).toHaveLength(2));
  expect(read).toHaveBeenCalledTimes(2);
});

test('one part leaving takes nothing from the other; the last one ends the reading', async () => {
  const { store, read, inHouse } = house();
  await store.write('maker', 'Dorrit');
  const Part = () => <p>{useStored(['settings'], read).data?.maker}</p>;
  const shown = (count: number) =>
    inHouse(
      <>
        {Array.from({ length: count }, (_, n) => (
          <Part key={n} />
        ))}
      </>,
    );
  const view = render(shown(2));
  await screen.findAllByText('Dorrit');
  view.rerender(shown(1));
  await store.write('maker', 'Vane');
  await screen.findByText('Vane');
  view.unmount();
  // Reported after everyone has left, in the next turn.
  await new Promise((next) => setTimeout(next, 0));
  const before = read.mock.calls.length;
  await store.write('maker', 'Nobody looks');
  expect(read).toHaveBeenCalledTimes(before);
});

test('what cannot be read is told, and read again when it is asked for again', async () => {
  const read = vi.fn<() => Promise<string>>();
  read.mockRejectedValue(new Error('the disk is gone'));
  const Part = () => {
    const { error, refetch } = useStored(['broken'], read);
    return (
      <button type="button" onClick={() => void refetch()}>
        {error?.message ?? 'fine'}
      </button>
    );
  };
  render(application()(<Part />));
  const message = await screen.findByText('the disk is gone');
  read.mockResolvedValue('there');
  message.click();
  await screen.findByText('fine');
});
