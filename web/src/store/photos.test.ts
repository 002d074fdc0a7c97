import 'fake-indexeddb/auto';
import { expect, test } from 'vitest';
import { openDatabase } from './database';
import { erasePerson } from './erasePerson';
import { houseStore } from './house';
import { photosStore } from './photos';
import { patchTestsStore } from './patchTests';
import { peopleStore } from './people';
import { longestPhoto, type Photo } from './records/photos';

const photo = (more: Partial<Photo> = {}): Photo => ({
  of: { kind: 'batch', id: 'batch-1' },
  jpeg: 'A'.repeat(400),
  width: 40,
  height: 30,
  words: '',
  leaves: false,
  ...more,
});

const joined = (parts: readonly Uint8Array[]): Uint8Array<ArrayBuffer> => {
  const whole = new Uint8Array(parts.reduce((total, { length }) => total + length, 0));
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
};

test('a photograph stands with what it is of, is told of, deleted and brought back', async () => {
  const db = openDatabase('photos');
  const photos = photosStore(db);
  const id = await photos.add(photo());
  await photos.add(photo({ of: { kind: 'blend', id: 'batch-1' } }));
  await photos.change(id, { words: 'set, with a dimple' });
  expect((await photos.of(photo().of)).map((entry) => entry.photo.words)).toEqual([
    'set, with a dimple',
  ]);
  await photos.remove(id);
  expect(await photos.of(photo().of)).toEqual([]);
  await photos.restore(id);
  expect(await photos.of(photo().of)).toHaveLength(1);
});

test('what is no picture, or too large a one, is not kept; nor more than twenty of one thing', async () => {
  const photos = photosStore(openDatabase('bounds'));
  await expect(photos.add(photo({ jpeg: '<svg onload=alert(1)>'.repeat(9) }))).rejects.toThrow();
  await expect(photos.add(photo({ jpeg: 'A'.repeat(longestPhoto + 1) }))).rejects.toThrow();
  for (let n = 0; n < 20; n += 1) await photos.add(photo());
  await expect(photos.add(photo())).rejects.toMatchObject({ code: 'too-many-photographs' });
});

test('into the house file goes only what is ticked', async () => {
  const db = openDatabase('out');
  const photos = photosStore(db);
  await photos.add(photo({ words: 'stays' }));
  const out = await photos.add(photo({ words: 'goes' }));
  await photos.change(out, { leaves: true });
  const { parts } = await houseStore(db).write();
  const read = await houseStore(db).read(joined(parts));
  expect(read.ok && read.house.photos.map((entry) => entry.photo.words)).toEqual(['goes']);
});

test('of somebody who is erased no photograph of their skin is left', async () => {
  const db = openDatabase('erased');
  const photos = photosStore(db);
  const personId = await peopleStore(db).add({
    name: 'Ines',
    born: '1985-03',
    pregnant: false,
    breastfeeding: false,
    conditions: [],
    allergies: [],
    skin: 'normal',
  } as never);
  const testId = await patchTestsStore(db).begin({
    of: { kind: 'batch', batchId: 'batch-1', number: '2026-1', name: '' },
    personId,
    personName: 'Ines',
  });
  await photos.add(photo({ of: { kind: 'patch-test', id: testId } }));
  await photos.add(photo());
  await erasePerson(personId, db);
  expect((await db.photos.toArray()).map((entry) => entry.photo.of.kind)).toEqual(['batch']);
});
