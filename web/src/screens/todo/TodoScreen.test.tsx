// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { showScreen } from '../../parts/onScreen.testing';
import { savedFiles } from '../../parts/savedFiles.testing';
import { bottleOf } from '../../store/bottle.testing';
import { bottles } from '../../store/bottles';
import { patchTests } from '../../store/patchTests';
import { TodoScreen } from './TodoScreen';

const begun = new Date('2026-11-25T10:00:00.000Z');

beforeEach(() => {
  vi.useFakeTimers({ toFake: ['Date'], now: begun });
});

afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

const group = (name: string) => within(screen.getByRole('region', { name }));

test('where nothing needs doing, that is said', async () => {
  showScreen(TodoScreen, '/todo');
  expect(await screen.findByText(/^Nothing: no test to read/)).toBeTruthy();
});

test('a test that runs is shown, and told of from the hour when it can be read', async () => {
  await patchTests.begin({
    of: { kind: 'material', materialId: 'lavender', name: 'Lavender' },
    personId: null,
    personName: 'Wilf',
  });
  showScreen(TodoScreen, '/todo');
  expect(await screen.findByRole('region', { name: 'Patch tests in progress' })).toBeTruthy();
  expect(screen.queryByRole('region', { name: 'Patch tests to read' })).toBeNull();
  cleanup();
  vi.setSystemTime(begun.getTime() + 25 * 3_600_000);
  showScreen(TodoScreen, '/todo');
  await screen.findByRole('region', { name: 'Patch tests to read' });
  expect(group('Patch tests to read').getByRole('link').textContent).toMatch(/^Wilf, Lavender/);
});

test('a bottle that is past its date, one that runs out, and none that is empty by choice', async () => {
  const good = { openedOn: '2026-11-01', boughtOn: '2026-11-01', atStart: 10, size: 10 };
  await bottles.add(bottleOf({ ...good, lot: 'good' }));
  await bottles.add(bottleOf({ ...good, lot: 'old', printedDate: '2026-10-31' }));
  await bottles.add(bottleOf({ ...good, lot: 'low', atStart: 0.5 }));
  await bottles.add(bottleOf({ ...good, lot: 'done', atStart: 0.1, finishedOn: '2026-11-02' }));
  showScreen(TodoScreen, '/todo');
  await screen.findByRole('region', { name: 'Running out' });
  const texts = (name: string) =>
    group(name)
      .getAllByRole('listitem')
      .map((item) => item.textContent);
  expect(texts('Running out')).toEqual(['Lavender, lot lowless than a tenth left']);
  expect(texts('Dates')).toHaveLength(1);
  expect(texts('Dates')[0]).toMatch(/lot old▲ past since 31 Oct 2026/);
  expect(group('Dates').getByRole('link').getAttribute('href')).toMatch(/^\/shelf\/.+/);
});

test('what is still to come leaves as a calendar', async () => {
  const saved = savedFiles();
  showScreen(TodoScreen, '/todo');
  fireEvent.click(await screen.findByRole('button', { name: 'Save to a calendar' }));
  await waitFor(() => expect(saved).toHaveLength(1));
  const text = await saved[0]?.text;
  // Two readings of the test that was begun above: after a day, and after two.
  expect(text?.match(/BEGIN:VEVENT/g)).toHaveLength(2);
  expect(text).toMatch(/SUMMARY:Patch test on Wilf: look after 24 hours/);
});
