// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeAll, expect, test } from 'vitest';
import { showScreen } from '../../parts/onScreen.testing';
import { db } from '../../store/database';
import { today } from '../../store/now';
import { seedOnce } from '../../store/seed.testing';
import { settings } from '../../store/settings';
import { ForSaleScreen } from './ForSaleScreen';

beforeAll(() => seedOnce(db, today()));
afterEach(cleanup);

const open = async (id: string) => {
  showScreen(ForSaleScreen, '/batches/:batchId/for-sale', `/batches/${id}/for-sale`);
  await screen.findByRole('heading', { level: 1 });
};
const part = (name: string) => within(screen.getByRole('region', { name }));
const says = (what: RegExp) =>
  part('What must be on the pack').getByRole('row', { name: what }).textContent;

test('of the raffle table the law of either place is held against what was made', async () => {
  await open('batch-raffle-table');
  expect(says(/^Batch/)).toMatch(/20\d\d-\d+/);
  expect(says(/^Responsible person/)).toContain('■ still missing');
  const address = screen.getByLabelText('Responsible person, name and address');
  fireEvent.change(address, { target: { value: 'Wardrobe Lane 4, Marlpit' } });
  await waitFor(() => expect(says(/^Responsible person/)).toContain('Marlpit'));
  expect((await settings.read()).responsible).toBe('Wardrobe Lane 4, Marlpit');
  const eu = screen.getByTestId('ingredients').textContent;
  fireEvent.click(screen.getByLabelText('the United States'));
  const us = screen.getByTestId('ingredients').textContent;
  expect(us).not.toBe(eu);
  expect(says(/^Net contents/)).toContain('oz');
  // What no program can do is stated for either.
  expect(part('What Jubbet can’t do for you').getAllByRole('listitem').length).toBeGreaterThan(1);
});

test('a claim in its name is pointed at, with what can be said in place of it', async () => {
  const record = await db.batches.get('batch-raffle-table');
  expect(record).toBeTruthy();
  await db.batches.update('batch-raffle-table', {
    file: { ...record!.file, name: 'Heals eczema' },
  });
  await open('batch-raffle-table');
  expect(await screen.findByRole('region', { name: /Claims that the law/ })).toBeTruthy();
  expect(part('Claims that the law restricts').getAllByRole('listitem').length).toBeGreaterThan(0);
});

test('a batch that is not to be used can’t be sold, and nothing gets past that', async () => {
  await db.batches.update('batch-raffle-table', { notToBeUsed: true });
  await open('batch-raffle-table');
  expect(screen.getByText(/not to be used, so it can’t be sold/)).toBeTruthy();
});

test('an address of no batch says so', async () => {
  showScreen(ForSaleScreen, '/batches/:batchId/for-sale', '/batches/nowhere/for-sale');
  expect(await screen.findByText(/not found/i)).toBeTruthy();
});
