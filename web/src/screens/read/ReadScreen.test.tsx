// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, screen, waitFor, within } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import { showScreen } from '../../parts/onScreen.testing';
import { blends } from '../../store/blends';
import { people } from '../../store/people';
import { settings } from '../../store/settings';
import { ReadScreen } from './ReadScreen';

afterEach(async () => {
  cleanup();
  await settings.write('readText', '');
});

const read = async (text: string) => {
  const shown = showScreen(ReadScreen, '/read');
  fireEvent.change(await screen.findByLabelText('Text of the recipe'), { target: { value: text } });
  return shown;
};
const part = (name: string) => within(screen.getByRole('region', { name }));

const roller = `Quiet roller
10 ml roller bottle
6 drops lavender
3 drops rosemary
top with jojoba`;

test('figures that agree are said to, and each drop size gives its strength', async () => {
  await read('Quiet roller\n10 ml roller bottle\n6 drops true lavender\ntop with jojoba');
  expect(await screen.findByRole('heading', { name: 'Quiet roller' })).toBeTruthy();
  expect(part('What does not add up').getByText(/Everything adds up/)).toBeTruthy();
  const sizes = part('What it really is').getAllByRole<HTMLInputElement>('radio');
  expect(sizes).toHaveLength(5);
  const chosen = sizes.find(({ checked }) => checked);
  // Six drops at 20 to the ml are 0.3 ml of the 9.5 ml that go in.
  expect(chosen?.closest('label')?.textContent).toBe('3.2 %at 20 drops per ml');
  // A finer drop makes it weaker.
  fireEvent.click(sizes[sizes.length - 1] as HTMLElement);
  expect(sizes[sizes.length - 1]?.checked).toBe(true);
});

test('what may be several says so, can be told apart or left out, and what is left out is said', async () => {
  await read(roller);
  const which = await screen.findByLabelText<HTMLSelectElement>('What “3 drops rosemary” is');
  const row = which.closest('tr');
  expect(row?.textContent).toContain('may be several');
  expect(screen.queryByText(/Left out of the blend/)).toBeNull();
  fireEvent.change(which, { target: { value: 'rosemary-verbenone' } });
  expect(which.value).toBe('rosemary-verbenone');
  expect(row?.textContent).toContain('● your choice');
  fireEvent.change(which, { target: { value: '' } });
  expect(await screen.findByText(/^▲ Left out of the blend: .*rosemary/)).toBeTruthy();
});

test('made one’s own it is a blend within what is recommended, with its text in the notes', async () => {
  await people.add({
    name: 'Odile',
    born: '2019-02',
    pregnant: false,
    breastfeeding: false,
    conditions: [],
    allergies: [],
    skin: 'normal',
  });
  const { address } = await read(
    'Roller\n10 ml roller bottle\n12 drops true lavender\ntop with jojoba',
  );
  const really = () => part('What it really is');
  const [odile] = await people.list();
  await screen.findByRole('option', { name: 'Odile' });
  fireEvent.change(screen.getByLabelText('Who it is for'), { target: { value: odile?.id } });
  fireEvent.click(await really().findByRole('button', { name: /^Save a copy for me, at/ }));
  await waitFor(() => expect(address()).toMatch(/^\/blends\/.+/));
  const made = await blends.get(address().split('/')[2] ?? '');
  expect(made?.recipe.notes).toContain('12 drops true lavender');
  expect(made?.recipe.brief.wearer).toMatchObject({ name: 'Odile' });
  const percent = made?.recipe.target?.percent ?? 100;
  expect(percent).toBeGreaterThan(0);
  expect(percent).toBeLessThan(6);
});

test('as written it is made too: the sheet judges it', async () => {
  const { address } = await read(roller);
  fireEvent.click(await screen.findByRole('button', { name: 'Make it a blend, as written' }));
  await waitFor(() => expect(address()).toMatch(/^\/blends\/.+/));
});

test('two recipes in one text are chosen from', async () => {
  await read(
    `# One\n\n- 2 drops vetiver\n- 10 ml jojoba\n\n# Two\n\n- 3 drops neroli\n- 10 ml jojoba`,
  );
  fireEvent.change(await screen.findByLabelText('2 recipes in it'), { target: { value: '1' } });
  expect(await screen.findByRole('heading', { name: 'Two' })).toBeTruthy();
  expect(part('What goes in').getByText(/3 drops neroli/)).toBeTruthy();
});

test('what was pasted is kept, and what is no recipe says what one needs', async () => {
  await read('I bought oranges.');
  expect(await screen.findByText(/There is no recipe in it/)).toBeTruthy();
  await waitFor(async () => expect((await settings.read()).readText).toBe('I bought oranges.'));
  fireEvent.click(screen.getByRole('button', { name: 'Clear' }));
  await waitFor(async () => expect((await settings.read()).readText).toBe(''));
});

test('a text longer than any book of recipes is refused, and what stood there stays', async () => {
  await read(roller);
  const field = screen.getByLabelText<HTMLTextAreaElement>('Text of the recipe');
  fireEvent.change(field, { target: { value: 'x'.repeat(1_000_001) } });
  expect((await screen.findByRole('alert')).textContent).toMatch(/too long for recipes/);
  expect(field.value).toBe(roller);
});
