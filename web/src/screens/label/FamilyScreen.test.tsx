// @vitest-environment jsdom
import 'fake-indexeddb/auto';
import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react';
import { afterEach, expect, test } from 'vitest';
import { showScreen } from '../../parts/onScreen.testing';
import { trial } from '../../parts/trial.testing';
import { blends } from '../../store/blends';
import { db } from '../../store/database';
import { people } from '../../store/people';
import { FamilyScreen } from './FamilyScreen';

afterEach(cleanup);

const person = (name: string, born: string, more = {}) =>
  people.add({
    name,
    born,
    pregnant: false,
    breastfeeding: false,
    conditions: [],
    allergies: [],
    skin: 'normal',
    ...more,
  });

const row = (name: RegExp) => screen.getByRole('row', { name });

test('in a house without people the way to add one is shown', async () => {
  const id = await blends.add(trial);
  showScreen(FamilyScreen, '/blends/:blendId/family', `/blends/${id}/family`);
  expect(await screen.findByText(/^Nobody is in the house yet/)).toBeTruthy();
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Save 0 blends' }).disabled).toBe(
    true,
  );
});

test('a family from toddler to grandparent gets one each, no stronger than is right for them', async () => {
  await person('Elder', '1946-03');
  await person('Mother', '1990-01', { pregnant: true });
  await person('Schoolchild', '2017-05');
  await person('Toddler', '2024-09');
  // Someone broken takes no one with them.
  const torn = await person('Torn', '1980-01');
  await db.people.update(torn, { person: { name: 'Torn' } as never });
  const twelve = [{ id: 'lavender', amount: { unit: 'drops' as const, value: 12 } }];
  const id = await blends.add({ ...trial, oils: twelve });
  const { address } = showScreen(FamilyScreen, '/blends/:blendId/family', `/blends/${id}/family`);
  const percentOf = async (name: RegExp): Promise<number> => {
    await waitFor(() => expect(row(name).textContent).not.toContain('…'));
    return Number(/([\d.]+) %/.exec(row(name).textContent)?.[1] ?? 0);
  };
  await screen.findByRole('row', { name: /^Elder/ });
  expect(screen.queryByRole('row', { name: /^Torn/ })).toBeNull();
  const [elder, child, toddler] = [
    await percentOf(/^Elder/),
    await percentOf(/^Schoolchild/),
    await percentOf(/^Toddler/),
  ];
  // Recommended are 2 % of an adult of any age, 1.5 % of a child of nine, 1 % of a toddler; a drop is
  // 0.53 %. Of children no drop goes over it.
  expect([elder, child, toddler]).toEqual([2.1, 1.1, 0.53]);
  // Who is unticked gets none.
  fireEvent.click(row(/^Mother/).querySelector('input') as HTMLElement);
  const save = screen.getByRole('button', { name: /^Save \d blends/ });
  const count = Number(/\d/.exec(save.textContent)?.[0]);
  fireEvent.click(save);
  await waitFor(() => expect(address()).toBe('/blends'));
  const names = (await blends.list()).map(({ recipe }) => recipe.name);
  expect(names).toContain('Trial for Elder');
  expect(names).not.toContain('Trial for Mother');
  expect(names.filter((name) => name.startsWith('Trial for'))).toHaveLength(count);
  // The blend itself stays as it was.
  expect((await blends.get(id))?.recipe.oils).toEqual(twelve);
});
