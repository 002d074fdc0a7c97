import 'fake-indexeddb/auto';
import { bottleOf } from './bottle.testing';
import { beforeEach, expect, test } from 'vitest';
import { bottlesStore } from './bottles';
import { openDatabase, type Database } from './database';
import { readCatalog } from './houseCatalog';
import { ledgerStore, movementOf } from './ledger';

let serial = 0;
let db: Database;
beforeEach(() => {
  serial += 1;
  db = openDatabase(`ledger-${serial}`);
});

const bottle = bottleOf({});
const left = async (id: string) => (await bottlesStore(db).get(id))?.bottle.left;

test('two tabs that take at once both count, and undoing twice is undoing once', async () => {
  const id = await bottlesStore(db).add(bottle);
  const [one, other] = [ledgerStore(db), ledgerStore(db)];
  const spill = { kind: 'spilled', amount: 1, why: '' } as const;
  await Promise.all([one.takeOut(id, spill), other.takeOut(id, spill)]);
  expect(await left(id)).toBe(6);
  const [first] = await one.of(id);
  await Promise.all([one.undo(first!.id), other.undo(first!.id)]);
  expect(await left(id)).toBe(7);
});

test('what is counted anew is against what was reckoned at that moment', async () => {
  const id = await bottlesStore(db).add(bottle);
  await Promise.all([
    ledgerStore(db).countAnew(id, 5, 'a leak'),
    ledgerStore(db).takeOut(id, { kind: 'given-away', amount: 1, why: '' }),
  ]);
  // Whichever came first, the other knew of it: 5 − 1, or 5 found after.
  expect([4, 5]).toContain(await left(id));
  await expect(ledgerStore(db).countAnew(id, 11, 'too much')).rejects.toMatchObject({
    code: 'more-than-full',
  });
});

test('one bottle of a material is taken first, whichever was before; a deleted one is not', async () => {
  const store = bottlesStore(db);
  const [a, b] = [await store.add(bottle), await store.add({ ...bottle, lot: 'LV-10' })];
  await store.takeFirst(a);
  await store.takeFirst(b);
  const first = (await store.list()).filter((shelved) => shelved.bottle.first).map(({ id }) => id);
  expect(first).toEqual([b]);
  expect((await readCatalog(db)).openBottle('lavender')?.id).toBe(b);
  await store.remove(a);
  await expect(store.takeFirst(a)).rejects.toMatchObject({ code: 'deleted' });
});

test('a bottle that something was taken from keeps its unit', async () => {
  const store = bottlesStore(db);
  const id = await store.add(bottle);
  await store.write(id, { ...bottle, unit: 'g' });
  await store.write(id, bottle);
  await ledgerStore(db).takeOut(id, { kind: 'spilled', amount: 1, why: '' });
  await expect(store.write(id, { ...bottle, unit: 'g' })).rejects.toMatchObject({
    code: 'unit-in-use',
  });
});

test('a whole shelf comes in, or nothing of it', async () => {
  const store = bottlesStore(db);
  await expect(store.addAll([bottle, { ...bottle, size: -1 }])).rejects.toThrow();
  expect(await store.list()).toEqual([]);
  const ids = await store.addAll([bottle, bottle]);
  await store.removeAll(ids);
  expect(await store.list()).toEqual([]);
});

test('a recount after more was used than was in it is what was found', async () => {
  const id = await bottlesStore(db).add(bottle);
  // Twelve out of eight: 4 below nothing on paper.
  await db.movements.add(
    movementOf(id, { kind: 'used', batchId: 'b', batchNumber: '2026-001', amount: 12 }),
  );
  expect(await left(id)).toBe(0);
  await ledgerStore(db).countAnew(id, 0.5, 'some was left after all');
  expect(await left(id)).toBe(0.5);
});

test('a bottle that is finished with a rest leaves a line, and taken up again has it', async () => {
  const id = await bottlesStore(db).add(bottle);
  const store = bottlesStore(db);
  await ledgerStore(db).takeOut(id, { kind: 'spilled', amount: 5, why: '' });
  await store.write(id, { ...bottle, finishedOn: '2026-11-26' });
  const kinds = async () => (await ledgerStore(db).of(id)).map(({ movement }) => movement);
  expect(await kinds()).toContainEqual({ kind: 'finished', amount: 3 });
  expect(await left(id)).toBe(0);
  await store.write(id, bottle);
  expect(await left(id)).toBe(3);
});

test('what is decanted is in the other bottle, of the same lot, and goes back while it is all there', async () => {
  const id = await bottlesStore(db).add(bottle);
  const shelf = ledgerStore(db);
  await expect(shelf.decant(id, 9, 10)).rejects.toMatchObject({ code: 'more-than-left' });
  await expect(shelf.decant(id, 6, 5)).rejects.toMatchObject({ code: 'more-than-full' });
  const into = await shelf.decant(id, 3, 5);
  expect([await left(id), await left(into)]).toEqual([5, 3]);
  expect((await bottlesStore(db).get(into))?.bottle.lot).toBe(bottle.lot);
  const line = (await shelf.of(id)).find(({ movement }) => movement.kind === 'decanted');
  await shelf.takeOut(into, { kind: 'spilled', amount: 1, why: '' });
  await expect(shelf.undo(line!.id)).rejects.toMatchObject({ code: 'decanted-in-use' });
  const [spill] = await shelf.of(into);
  await shelf.undo(spill!.id);
  await shelf.undo(line!.id);
  expect([await left(id), await left(into)]).toEqual([8, undefined]);
});
