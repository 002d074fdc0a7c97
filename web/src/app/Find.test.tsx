// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, beforeAll, expect, test, vi } from 'vitest';
import { showScreen } from '../parts/onScreen.testing';
import { db } from '../store/database';
import { today } from '../store/now';
import { seedOnce } from '../store/seed.testing';
import { Find } from './Find';

beforeAll(() => seedOnce(db, today()));
afterEach(cleanup);

const find = (text: string) => {
  const closed = vi.fn();
  const shown = showScreen(() => <Find onClose={closed} />, '/');
  const field = screen.getByRole('combobox', { name: 'Find' });
  fireEvent.change(field, { target: { value: text } });
  return { ...shown, field, closed };
};
/** What is found, each as its kind and its name. */
const found = () =>
  screen.queryAllByRole('option').map((option) => option.textContent.replace(/ · .*/, ''));
const open = async (name: RegExp) => {
  const option = await screen.findByRole('option', { name });
  fireEvent.mouseDown(option);
};

test('a blend, its batches, a person, a bottle and its lot are found by part of a name', async () => {
  find('prompt');
  await waitFor(() => expect(found()).toContain('blendPrompt desk'));
  await waitFor(() => expect(found().some((text) => text.startsWith('batch'))).toBe(true));
  cleanup();
  find('bett');
  await waitFor(() => expect(found().some((text) => /^personBettina/.test(text))).toBe(true));
  cleanup();
  const [bottle] = (await db.bottles.toArray()).filter(({ bottle: { lot } }) => lot !== '');
  find(bottle!.bottle.lot);
  await waitFor(() => expect(found().some((text) => text.startsWith('bottle'))).toBe(true));
});

test('who got a piece is found, also from outside the house, and leads to the batch', async () => {
  const [given] = await db.recipients.toArray();
  const { address } = find(given!.recipient.name);
  await waitFor(() => expect(found().some((text) => text.startsWith('given'))).toBe(true));
  await open(/^given/);
  await waitFor(() => expect(address()).toMatch(/^\/batches\//));
});

test('a plan is found by its name, and one that is broken takes nothing with it', async () => {
  await db.plans.put({ ...(await db.plans.toArray())[0]!, id: 'torn', plan: 7 as never });
  const { address } = find('interval ta');
  await waitFor(() => expect(found().some((text) => /^planInterval table/.test(text))).toBe(true));
  await open(/^plan/);
  await waitFor(() => expect(address()).toBe('/plans/plan-interval-table'));
});

test('who was only tested is found too', async () => {
  find('wilf');
  await waitFor(() => expect(found().some((text) => /^testWilf/.test(text))).toBe(true));
});

test('an oil begins a blend with it', async () => {
  const before = await db.blends.count();
  const { address } = find('vetiver');
  await open(/^oil.*Vetiver/);
  await waitFor(() => expect(address()).toMatch(/^\/blends\/.+/));
  const made = await db.blends.get(address().split('/')[2]!);
  expect(made?.recipe.oils.map(({ id }) => id)).toEqual(['vetiver']);
  expect(await db.blends.count()).toBe(before + 1);
});

test('what must never go on skin leads to the page that says why, and begins no blend', async () => {
  const { address } = find('sassafras');
  await waitFor(() => expect(found().some((text) => text.startsWith('neverSassafras'))).toBe(true));
  expect(found().some((text) => /^oilSassafras/.test(text))).toBe(false);
  await open(/^never/);
  await waitFor(() => expect(address()).toBe('/materials/sassafras'));
});

test('nothing found is said, and Escape or an empty field closes it', async () => {
  const { field, closed } = find('xyzzy');
  expect(await screen.findByText('Nothing found for “xyzzy”.')).toBeTruthy();
  fireEvent.change(field, { target: { value: '' } });
  expect(screen.queryByText(/Nothing found/)).toBeNull();
  fireEvent.blur(field);
  expect(closed).toHaveBeenCalledOnce();
  fireEvent.keyDown(field, { key: 'Escape' });
  expect(closed).toHaveBeenCalledTimes(2);
});
