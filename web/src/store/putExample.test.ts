import 'fake-indexeddb/auto';
import { emptyRecipe } from '@jubbet/core/recipe';
import { expect, test } from 'vitest';
import { blendStore } from './blends';
import { openDatabase } from './database';
import { exampleHouse } from './example';
import { houseStore } from './house';
import { putExampleIn } from './putExample';
import { seedOnce } from './seed.testing';
import { settingsStore } from './settings';

const day = '2026-11-25';

test('the example is put beside what is there, which stays as it is', async () => {
  const db = openDatabase('beside');
  const own = await blendStore(db).add({ ...emptyRecipe(), name: 'My own' });
  await putExampleIn(db, day);
  const example = exampleHouse(day);
  expect((await db.blends.get(own))?.recipe.name).toBe('My own');
  expect(await db.blends.count()).toBe(example.blends.length + 1);
  expect(await db.batches.count()).toBe(example.batches.length);
  expect(await db.benchEvents.count()).toBe(example.benchEvents.length);
  expect(await db.containers.count()).toBe(example.containers.length);
  // Its maker's name is on none of the maker's own labels.
  expect((await settingsStore(db).read()).maker).toBe('');
});

test('put in again it brings back what is missing, and undoes no change', async () => {
  const db = openDatabase('again');
  await seedOnce(db, day);
  await db.blends.update('row-g', { 'recipe.name': 'Row H' });
  await db.blends.delete('interval');
  await db.containers.clear();
  await settingsStore(db).write('maker', 'Somebody else');
  await putExampleIn(db, day);
  expect((await db.blends.get('row-g'))?.recipe.name).toBe('Row H');
  expect(await db.blends.get('interval')).toBeDefined();
  expect(await db.containers.count()).toBe(exampleHouse(day).containers.length);
  expect((await settingsStore(db).read()).maker).toBe('Somebody else');
});

test('it can be taken back as a whole', async () => {
  const db = openDatabase('back');
  await putExampleIn(db, day);
  await houseStore(db).goBack();
  expect(await db.blends.count()).toBe(0);
  expect(await db.containers.count()).toBe(0);
});
