// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { bottleOf } from '../../store/bottle.testing';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import { showScreen } from '../../parts/onScreen.testing';
import { bottles } from '../../store/bottles';
import { settings } from '../../store/settings';
import { ShoppingScreen } from './ShoppingScreen';

afterEach(cleanup);

const bottle = bottleOf({
  supplier: 'The Brass Still',
  printedDate: '2028-01-01',
  atStart: 0.5,
  price: 8,
  weighings: [{ drops: 20, massG: 0.8 }],
  first: true,
});

test('what runs out is on the list, ticked it stays so, and bought it stands on the shelf', async () => {
  await bottles.add(bottle);
  await bottles.add({ ...bottle, materialId: 'tea-tree', atStart: 9 });
  const { address } = showScreen(ShoppingScreen, '/shelf/shopping', '/shelf/shopping');
  const box = await screen.findByRole<HTMLInputElement>('checkbox', { name: /Lavender/ });
  // Of what there is enough nothing is stated.
  expect(screen.queryByRole('checkbox', { name: /Tea tree/ })).toBeNull();
  expect(screen.getByText(/0.5 ml left · The Brass Still · £8.00 last time/)).toBeTruthy();
  fireEvent.click(box);
  await waitFor(async () =>
    expect((await settings.read()).shoppingTicked).toEqual(['lavender/ml']),
  );
  fireEvent.click(screen.getByRole('button', { name: 'Bought: Lavender' }));
  await waitFor(() => expect(address()).toMatch(/^\/shelf\/.+-/));
  const bought = (await bottles.list()).find(({ bottle: { lot } }) => lot === '');
  // Full and closed; its lot, its dates and its drops are its own.
  expect(bought?.bottle).toMatchObject({
    materialId: 'lavender',
    left: 10,
    price: 8,
    supplier: 'The Brass Still',
    openedOn: null,
    printedDate: null,
    weighings: [],
    first: false,
  });
});

test('where nothing runs out, that is said', async () => {
  for (const { id } of await bottles.list()) await bottles.remove(id);
  showScreen(ShoppingScreen, '/shelf/shopping', '/shelf/shopping');
  expect(await screen.findByText(/Nothing runs out/)).toBeTruthy();
});
