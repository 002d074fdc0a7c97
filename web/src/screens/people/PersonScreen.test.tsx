// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import { people } from '../../store/people';
import { showScreen } from '../../parts/onScreen.testing';
import { NewPersonScreen, PersonScreen } from './PersonScreen';

afterEach(cleanup);

const type = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });

test('a person is added with a name and a month of birth', async () => {
  const { address } = showScreen(NewPersonScreen, '/people/new');
  type('Name', 'Odile');
  fireEvent.click(screen.getByRole('button', { name: 'Add person' }));
  await waitFor(() =>
    expect(screen.getByRole('alert').textContent).toBe('Type the month of birth, as in 1985-03.'),
  );
  type('Month of birth', '1990-02');
  fireEvent.click(screen.getByRole('button', { name: 'Add person' }));
  await waitFor(() => expect(address()).toBe('/people'));
  expect((await people.list()).map(({ person }) => person.name)).toEqual(['Odile']);
});

test('of somebody known, each change that can stand is saved at once, and no other', async () => {
  const [odile] = await people.list();
  const id = odile?.id ?? '';
  const now = async () => (await people.get(id))?.person;
  showScreen(PersonScreen, '/people/:personId', `/people/${id}`);
  fireEvent.click(await screen.findByLabelText('breastfeeding'));
  await waitFor(async () => expect((await now())?.breastfeeding).toBe(true));
  type('Name', '');
  await waitFor(() =>
    expect(screen.getByRole('alert').textContent).toBe('Type a name, or what you call them.'),
  );
  fireEvent.click(screen.getByLabelText('sensitive: reacts easily'));
  expect(await now()).toMatchObject({ name: 'Odile', skin: 'normal' });
  type('Name', 'Odile M.');
  await waitFor(async () =>
    expect(await now()).toMatchObject({ name: 'Odile M.', skin: 'sensitive' }),
  );
});
