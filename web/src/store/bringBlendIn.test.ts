import 'fake-indexeddb/auto';
import { emptyRecipe } from '@jubbet/core/recipe';
import { expect, test } from 'vitest';
import { bringBlendIn } from './bringBlendIn';
import { openDatabase } from './database';
import { readCatalog } from './houseCatalog';
import { materialsStore } from './materials';
import { hedgeBlossom } from './hedgeBlossom.testing';

const figure = {
  kind: 'figure',
  id: 'figure-ylang-ylang-maximum',
  oilId: 'ylang-ylang',
  figure: 'maximum',
  value: 50,
  source: 'a stranger',
} as const;

const maximumOfYlang = async (db: Parameters<typeof readCatalog>[0]) =>
  (await readCatalog(db)).oil('ylang-ylang')?.dermalMaximum.percent;

test('materials of a file come in with its blend; figures of the library’s oils stay out', async () => {
  const db = openDatabase('brought');
  const before = await maximumOfYlang(db);
  const brought = await bringBlendIn(emptyRecipe(), [hedgeBlossom, figure], db);
  expect(brought.figuresOf).toEqual(['ylang-ylang']);
  expect(await db.blends.get(brought.id)).toBeDefined();
  expect((await readCatalog(db)).oil(hedgeBlossom.id)?.name).toBe('Hedge blossom');
  expect(await maximumOfYlang(db)).toBe(before);
});

test('a figure that was taken back here is not brought back, and what is here stays', async () => {
  const db = openDatabase('brought-again');
  const own = materialsStore(db);
  await own.put(figure);
  await own.remove(figure.id);
  await own.put({ ...hedgeBlossom, maximumPercent: 1 });
  await bringBlendIn(emptyRecipe(), [hedgeBlossom, figure], db);
  expect(await maximumOfYlang(db)).not.toBe(50);
  const jasmine = (await readCatalog(db)).oil(hedgeBlossom.id);
  expect(jasmine?.dermalMaximum.percent).toBe(1);
});
