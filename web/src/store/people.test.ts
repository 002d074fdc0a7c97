import 'fake-indexeddb/auto';
import { expect, test } from 'vitest';
import { openDatabase } from './database';
import { peopleStore, personNamed } from './people';

const ines = {
  name: 'Ines',
  born: '1985-06',
  pregnant: false,
  breastfeeding: false,
  conditions: [],
  allergies: [],
  skin: 'normal' as const,
};

test('a page that was open meanwhile does not save over a reaction that was read elsewhere', async () => {
  const people = peopleStore(openDatabase('people-two-tabs'));
  const id = await people.add(ines);
  const reactions = [{ materialId: 'lavender', on: '2026-11-25', what: 'red' }];
  await people.write(id, { ...ines, reactions });
  // The page still has her without it, and changes her skin.
  await people.writeChanged(id, ines, { ...ines, skin: 'sensitive' });
  expect((await people.get(id))?.person).toMatchObject({ skin: 'sensitive', reactions });
  // Taken off on a page that has it, it is gone.
  await people.writeChanged(id, { ...ines, reactions }, { ...ines, reactions: [] });
  expect((await people.get(id))?.person.reactions).toEqual([]);
});

test('somebody who cannot be read is named to nobody, and takes no list with them', async () => {
  const store = openDatabase('people-torn');
  const people = peopleStore(store);
  await people.add(ines);
  const id = await people.add({ ...ines, name: 'Torn' });
  await store.people.update(id, { person: { name: 7 } as never });
  expect((await people.list()).map(({ person }) => person.name)).toEqual(['Ines']);
  expect(await people.ids()).toContain(id);
  expect(await personNamed(store, { personId: null, name: 'Torn' })).toBeNull();
  expect(await personNamed(store, { personId: null, name: 'INES' })).not.toBeNull();
});
