// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, beforeAll, expect, test } from 'vitest';
import { showScreen } from '../../parts/onScreen.testing';
import { batches } from '../../store/batches';
import { db } from '../../store/database';
import { today } from '../../store/now';
import { recipients } from '../../store/recipients';
import { seedOnce } from '../../store/seed.testing';
import { settings } from '../../store/settings';
import { BatchScreen } from './BatchScreen';

beforeAll(() => seedOnce(db, today()));
afterEach(cleanup);

const open = async (id: string) => {
  const shown = showScreen(BatchScreen, '/batches/:batchId', `/batches/${id}`);
  await screen.findByRole('heading', { level: 1 });
  return shown;
};
/** What is folded on the page is opened. */
const unfold = async (name: string): Promise<void> => {
  fireEvent.click(await screen.findByRole('button', { name, expanded: false }));
  await screen.findByRole('button', { name, expanded: true });
};
/** Something in the menu is done. */
const act = async (name: string): Promise<void> => {
  fireEvent.click(screen.getByRole('button', { name: 'More' }));
  fireEvent.click(await screen.findByRole('menuitem', { name }));
};
const region = (name: string) => within(screen.getByRole('region', { name }));

test('a piece is given to a name, told with what is left, and taken back', async () => {
  await open('batch-curtain-call');
  fireEvent.click(screen.getByRole('button', { name: 'Give some away' }));
  const form = within(screen.getByRole('form', { name: 'Give a piece' }));
  fireEvent.change(form.getByLabelText('To'), { target: { value: 'teo' } });
  fireEvent.change(form.getByLabelText('Which'), { target: { value: 'the dented tin' } });
  const save = form.getByRole<HTMLButtonElement>('button', { name: 'Save who got it' });
  await waitFor(() => expect(save.disabled).toBe(false));
  fireEvent.click(save);
  // In any letters it is Teo of the house.
  expect(
    (await region('Who has it').findByRole('link', { name: 'teo' })).getAttribute('href'),
  ).toBe('/people/teo');
  expect(region('Who has it').getByText(/the dented tin/)).toBeTruthy();
  // The story tells it too.
  expect(region('What happened').getByText('Given to teo')).toBeTruthy();
  fireEvent.click(region('Who has it').getByRole('button', { name: /about teo$/ }));
  fireEvent.click(region('Who has it').getByRole('button', { name: /^Remove teo/ }));
  await waitFor(async () => expect(await recipients.ofBatch('batch-curtain-call')).toEqual([]));
});

test('the cost says what is not known, and asks a price only when all of it is told', async () => {
  await open('batch-raffle-table');
  await unfold('What it cost');
  const cost = () => region('What it cost');
  await waitFor(() => expect(cost().getByText(/^at least £/, { selector: 'span' })).toBeTruthy());
  expect(cost().getAllByText('not known').length).toBe(2);
  expect(cost().queryByText(/a stall would ask/)).toBeNull();
  for (const [label, value] of [
    ['Container, each', '0.65'],
    ['Label, each', '0.05'],
    ['Margin, % of the price', '60'],
  ] as const) {
    fireEvent.change(cost().getByLabelText(label), { target: { value } });
    fireEvent.blur(cost().getByLabelText(label));
  }
  expect(await cost().findByText(/a stall would ask/)).toBeTruthy();
  expect((await settings.read()).marginPercent).toBe(60);
});

test('how it was is saved once a mark is chosen', async () => {
  await open('batch-get-out');
  await unfold('How it was');
  const save = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Save how it was' });
  expect(save().disabled).toBe(true);
  fireEvent.click(screen.getByRole('radio', { name: '4 good' }));
  fireEvent.change(screen.getByLabelText('In a few words'), { target: { value: ' warm ' } });
  fireEvent.click(save());
  await waitFor(async () =>
    expect((await batches.get('batch-get-out'))?.review).toMatchObject({ mark: 4, words: 'warm' }),
  );
});

test('deleting asks whether it was made, and can be left alone', async () => {
  const { address } = await open('batch-interval');
  await act('Delete');
  fireEvent.click(screen.getByRole('button', { name: 'Cancel' }));
  expect(await batches.get('batch-interval')).not.toBeNull();
  await act('Delete');
  fireEvent.click(screen.getByRole('button', { name: 'It was made' }));
  await waitFor(() => expect(address()).toBe('/batches'));
  const left = await db.movements.where('movement.batchId').equals('batch-interval').count();
  // What it used stays in the ledgers.
  expect(left).toBeGreaterThan(0);
  expect(await db.movements.filter(({ movement }) => movement.kind === 'undone').count()).toBe(0);
});

test('what does not fit into the bottle is not added to it', async () => {
  await open('batch-after-the-lift');
  await unfold('Put something right');
  fireEvent.click(screen.getByRole('button', { name: 'Something was added to it later' }));
  const form = within(screen.getByRole('form', { name: 'Add to this batch' }));
  fireEvent.change(form.getByLabelText('What was added'), { target: { value: 'jojoba' } });
  await screen.findAllByRole('option');
  fireEvent.keyDown(form.getByLabelText('What was added'), { key: 'Enter' });
  await form.findByText('Jojoba oil');
  fireEvent.change(form.getByLabelText('How much'), { target: { value: '500' } });
  fireEvent.change(form.getByLabelText('Why'), { target: { value: 'to see' } });
  expect(form.getByRole('status').textContent).toMatch(/There is room for .* more in it/);
  expect(
    form.getByRole<HTMLButtonElement>('button', { name: 'Save what was added' }).disabled,
  ).toBe(true);
});

test('before anything is unfolded it is a page to read: few things to press', async () => {
  await settings.write('unfolded', []);
  await open('batch-curtain-call');
  await screen.findByRole('button', { name: 'What it cost' });
  const page = screen.getByRole('heading', { level: 1 }).closest('div.mx-auto');
  // Links of lots and names beside the acts.
  expect(page?.querySelectorAll('a[href], button, input, select').length).toBeLessThanOrEqual(20);
});
