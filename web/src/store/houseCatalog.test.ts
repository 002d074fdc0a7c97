import 'fake-indexeddb/auto';
import { workOut } from '@jubbet/core/drops';
import type { Bottle } from '@jubbet/core/stock';
import { afterEach, expect, test } from 'vitest';
import { bottlesStore } from './bottles';
import { openDatabase } from './database';
import { layLibrary, readLibrary } from './library';
import { materialsStore } from './materials';

const bottle: Bottle = {
  materialId: 'lavender',
  lot: 'LV-1',
  supplier: '',
  openedOn: '2026-01-10',
  printedDate: null,
  unit: 'ml',
  size: 10,
  left: 8,
  price: null,
  weighings: [],
  analysis: null,
  finishedOn: null,
};

const figure = {
  kind: 'figure',
  figure: 'maximum',
  source: 'the sheet of May',
  id: 'figure-lavender',
  oilId: 'lavender',
  value: 2,
} as const;

/** The lot from which a sheet takes its lavender; undefined where it knows of none. */
const lotOnSheet = (): string | undefined => {
  const worked = workOut({
    ...emptyDraft(),
    brief: { ...emptyDraft().brief, wearer: 'anyone', place: 'body-leave-on' },
    oils: [{ id: 'lavender', drops: 1 }],
    bases: [{ id: 'jojoba', parts: 1 }],
  });
  if (worked.state !== 'done') throw new Error(worked.state);
  return worked.blend.formula.oils[0]?.bottle?.lot;
};

afterEach(async () => {
  await layLibrary({ materials: [], gone: [], bottles: [], day: '' });
});

test('figures and bottles of the house reach every sheet, and leave it when they are taken away', async () => {
  const db = openDatabase('laid');
  const bottles = bottlesStore(db);
  const id = await bottles.add(bottle);
  await materialsStore(db).put(figure);
  expect(findOil('lavender')?.dermalMaximum.percent).not.toBe(2);

  expect(await layLibrary(await readLibrary(db))).toBe(true);
  expect(findOil('lavender')?.dermalMaximum.percent).toBe(2);
  expect(lotOnSheet()).toBe('LV-1');

  // The same once more changes nothing, so that no sheet is worked out again for it.
  expect(await layLibrary(await readLibrary(db))).toBe(false);

  await bottles.remove(id);
  await materialsStore(db).remove('figure-lavender');
  expect(await layLibrary(await readLibrary(db))).toBe(true);
  expect(lotOnSheet()).toBeUndefined();
  expect(findOil('lavender')?.dermalMaximum.percent).not.toBe(2);

  await bottles.restore(id);
  await layLibrary(await readLibrary(db));
  expect(lotOnSheet()).toBe('LV-1');
});

test('a bottle that is closed, or finished, is not the one in use', async () => {
  const db = openDatabase('closed');
  const bottles = bottlesStore(db);
  await bottles.add({ ...bottle, openedOn: null });
  await bottles.add({ ...bottle, finishedOn: '2026-05-01' });
  await layLibrary(await readLibrary(db));
  expect(lotOnSheet()).toBeUndefined();
});
