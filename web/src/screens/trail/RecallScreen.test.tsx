// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeAll, expect, test } from 'vitest';
import { showScreen } from '../../parts/onScreen.testing';
import { batches } from '../../store/batches';
import { bottles } from '../../store/bottles';
import { db } from '../../store/database';
import { today } from '../../store/now';
import { seedOnce } from '../../store/seed.testing';
import { RecallScreen } from './RecallScreen';

beforeAll(() => seedOnce(db, today()));
afterEach(cleanup);

const rows = async () => (await screen.findAllByRole('row')).map((row) => row.textContent);
const show = (query: string) => showScreen(RecallScreen, '/recall', `/recall?${query}`);

test('from a batch to every other that shares a bottle, with everyone who has some', async () => {
  show('batch=batch-raffle-table');
  const all = await rows();
  expect(all.find((row) => row.includes('itself'))).toMatch(
    /Raffle table, 1 · 1 piece.*Raffle table, 6/,
  );
  expect(all.find((row) => row.includes('After the lift'))).toMatch(/lot LV-118.*made for Teo/);
});

test('who was told is ticked off, and that stays', async () => {
  show('batch=batch-raffle-table');
  const [first] = await screen.findAllByRole('checkbox', { name: 'Raffle table, 1 was told' });
  fireEvent.click(first!);
  await waitFor(async () => {
    const told = (await db.recipients.toArray()).filter(({ recipient }) => recipient.toldOn);
    expect(told.map(({ recipient }) => recipient.name)).toEqual(['Raffle table, 1']);
  });
  expect(await screen.findByText(/1 of \d+ told/)).toBeTruthy();
});

test('a deleted batch is still out there, and is told', async () => {
  await batches.remove('batch-row-g');
  show('bottle=lavender-1');
  expect((await rows()).find((row) => row.includes('deleted from the log'))).toMatch(/Row G/);
});

test('a bottle that is gone from the shelf is still followed', async () => {
  await bottles.remove('lavender-1');
  show('bottle=lavender-1');
  expect((await rows()).length).toBeGreaterThan(5);
});

test('an address that leads nowhere says so', async () => {
  show('bottle=nobody');
  expect(await screen.findByText('Nothing to follow here')).toBeTruthy();
});
