import 'fake-indexeddb/auto';
import { bottleOf } from './bottle.testing';
import { shippedCatalog, type Catalog } from '@jubbet/core/catalog';
import { workOut } from '@jubbet/core/drops';
import { emptyRecipe } from '@jubbet/core/recipe';
import { expect, test } from 'vitest';
import { bottlesStore } from './bottles';
import { openDatabase } from './database';
import { readCatalog } from './houseCatalog';
import { materialsStore } from './materials';
import { hedgeBlossom } from './hedgeBlossom.testing';

const bottle = bottleOf({
  lot: 'LV-1',
  openedOn: '2026-01-10',
});

const figure = {
  kind: 'figure',
  figure: 'maximum',
  source: 'the sheet of May',
  id: 'figure-lavender',
  oilId: 'lavender',
  value: 2,
} as const;

/** The lot from which a sheet takes its lavender; undefined where it knows of none. */
const lotOnSheet = (catalog: Catalog): string | undefined => {
  const worked = workOut(catalog, {
    ...emptyRecipe(),
    brief: { ...emptyRecipe().brief, wearer: 'anyone', place: 'body-leave-on' },
    oils: [{ id: 'lavender', amount: { unit: 'drops', value: 1 } }],
    bases: [{ id: 'jojoba', amount: { unit: 'parts', value: 1 } }],
  });
  if (worked.state !== 'done') throw new Error(worked.state);
  return worked.blend.formula.oils[0]?.bottle?.lot;
};

const maximumOf = (catalog: Catalog) => catalog.oil('lavender')?.dermalMaximum.percent;

test('figures and bottles of the house are in its catalog, and not when they are taken away', async () => {
  const db = openDatabase('laid');
  const bottles = bottlesStore(db);
  const id = await bottles.add(bottle);
  const before = await readCatalog(db);
  await materialsStore(db).put(figure);
  const marked = await readCatalog(db);
  expect([maximumOf(marked), lotOnSheet(marked)]).toEqual([2, 'LV-1']);

  await bottles.remove(id);
  await materialsStore(db).remove('figure-lavender');
  const after = await readCatalog(db);
  expect(lotOnSheet(after)).toBeUndefined();
  expect(maximumOf(after)).toBe(maximumOf(shippedCatalog));

  await bottles.restore(id);
  expect(lotOnSheet(await readCatalog(db))).toBe('LV-1');
  // A catalog is what the house was when it was read, whatever became of it since.
  expect([maximumOf(before), maximumOf(marked)]).toEqual([maximumOf(shippedCatalog), 2]);
  expect(lotOnSheet(marked)).toBe('LV-1');
});

test('a bottle that is closed, or finished, is not the one in use', async () => {
  const db = openDatabase('closed');
  const bottles = bottlesStore(db);
  await bottles.add({ ...bottle, openedOn: null });
  await bottles.add({ ...bottle, finishedOn: '2026-05-01' });
  expect(lotOnSheet(await readCatalog(db))).toBeUndefined();
});

test('what was taken out is found by its id, and never offered', async () => {
  const db = openDatabase('removed');
  const materials = materialsStore(db);
  await materials.put(hedgeBlossom);
  await materials.remove('own-hedge-blossom');
  const catalog = await readCatalog(db);
  expect(catalog.oil('own-hedge-blossom')?.name).toBe('Hedge blossom');
  expect(catalog.oils.map(({ id }) => id)).not.toContain('own-hedge-blossom');
});

test('one record that cannot be read takes no other with it', async () => {
  const db = openDatabase('broken');
  await materialsStore(db).put(hedgeBlossom);
  const record = (await db.materials.toArray())[0]!;
  await db.materials.add({
    ...record,
    id: 'own-broken',
    own: { kind: 'ready-made', id: 'own-broken', parts: 'poison' } as never,
  });
  const catalog = await readCatalog(db);
  expect(catalog.oil(hedgeBlossom.id)?.name).toBe('Hedge blossom');
  expect(catalog.oil('own-broken')).toBeUndefined();
});
