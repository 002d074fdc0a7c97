// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { showScreen } from '../../parts/onScreen.testing';
import { savedFiles } from '../../parts/savedFiles.testing';
import { bottleOf } from '../../store/bottle.testing';
import { bottles } from '../../store/bottles';
import { patchTests } from '../../store/patchTests';
import { TodayScreen } from './TodayScreen';

const begun = new Date('2026-11-25T10:00:00.000Z');

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['Date'], now: begun });
});

afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

const due = () => within(screen.getByRole('list', { name: 'What is due' }));
const texts = () =>
  due()
    .getAllByRole('listitem')
    .map((item) => item.textContent);

test('where nothing is on the bench and nothing is due, that is said', async () => {
  showScreen(TodayScreen, '/today');
  expect(await screen.findByText(/^Nothing is due/)).toBeTruthy();
  expect(screen.getByText(/^Nothing is on the bench/)).toBeTruthy();
});

test('a test that runs is shown, and told of from the hour when it can be read', async () => {
  await patchTests.begin({
    of: { kind: 'material', materialId: 'lavender', name: 'Lavender' },
    personId: null,
    personName: 'Wilf',
  });
  showScreen(TodayScreen, '/today');
  expect(await screen.findByRole('region', { name: 'Patch tests in progress' })).toBeTruthy();
  expect(screen.queryByText('Read a patch test')).toBeNull();
  cleanup();
  vi.setSystemTime(begun.getTime() + 25 * 3_600_000);
  showScreen(TodayScreen, '/today');
  await screen.findByText('Read a patch test');
  expect(texts()[0]).toMatch(/Read a patch test Wilf, Lavender/);
});

test('a bottle that is past its date, one that runs out, and none that is empty by choice', async () => {
  const good = { openedOn: '2026-11-01', boughtOn: '2026-11-01', atStart: 10, size: 10 };
  await bottles.add(bottleOf({ ...good, lot: 'good' }));
  await bottles.add(bottleOf({ ...good, lot: 'old', printedDate: '2026-10-31' }));
  await bottles.add(bottleOf({ ...good, materialId: 'tea-tree', atStart: 0.5 }));
  await bottles.add(bottleOf({ ...good, lot: 'done', atStart: 0.1, finishedOn: '2026-11-02' }));
  showScreen(TodayScreen, '/today');
  const short = within(await screen.findByRole('region', { name: 'Running short' }));
  expect(short.getByRole('listitem').textContent).toBe('Tea tree 0.5 ml left');
  await screen.findByRole('list', { name: 'What is due' });
  const dates = texts().filter((text) => text.includes('Best before'));
  expect(dates).toHaveLength(1);
  expect(dates[0]).toMatch(/past since 31 Oct 2026.*lot old/);
});

test('what is still to come leaves as a calendar', async () => {
  const saved = savedFiles();
  showScreen(TodayScreen, '/today');
  fireEvent.click(await screen.findByRole('button', { name: 'Save to a calendar' }));
  await waitFor(() => expect(saved).toHaveLength(1));
  const text = await saved[0]?.text;
  // Two readings of the test that was begun above: after a day, and after two.
  expect(text?.match(/BEGIN:VEVENT/g)).toHaveLength(2);
  expect(text).toMatch(/SUMMARY:Patch test on Wilf: look after 24 hours/);
});
