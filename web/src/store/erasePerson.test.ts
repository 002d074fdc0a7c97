import 'fake-indexeddb/auto';
import { expect, test } from 'vitest';
import { batchStore } from './batches';
import { openDatabase } from './database';
import { erasePerson } from './erasePerson';
import { houseStore } from './house';
import { unzipped, writtenHouse } from './houseFile.testing';
import { tables } from './records';
import { seedOnce } from './seed.testing';

test('of somebody who is erased nothing is left but what was made, for someone of their age', async () => {
  const db = openDatabase('erased');
  await seedOnce(db, '2026-11-26');
  const bettina = (await db.people.get('bettina'))!.person;
  // The way back has them too.
  await houseStore(db).clearExample();
  await houseStore(db).goBack();
  const made = (await db.batches.toArray()).filter(({ personId }) => personId === 'bettina');
  expect(made.length).toBeGreaterThan(0);

  const erased = await erasePerson('bettina', db);
  expect(erased).toMatchObject({ name: bettina.name, batches: made.length });
  expect(erased.blends).toBeGreaterThan(0);
  const everything = JSON.stringify(
    await Promise.all(
      [...tables, 'restorePoint', 'restoreRows'].map((table) => db.table(table).toArray()),
    ),
  );
  // Nor in a note, a purpose, the name of a locket, or the words of a photograph.
  expect(/.{40}\bBettina\b.{20}/.exec(everything)?.[0]).toBeUndefined();
  expect(erased.texts).toBeGreaterThan(0);
  expect(everything.includes('"bettina"')).toBe(false);
  expect(await db.people.get('bettina')).toBeUndefined();
  for (const { id } of made) {
    const batch = await batchStore(db).get(id);
    expect(batch).toMatchObject({ personId: null, made: { verdict: expect.any(String) } });
    const { wearer } = batch!.file.brief;
    expect(wearer).toMatchObject({ ageMonths: expect.any(Number), conditions: [], allergies: [] });
    expect(wearer).not.toHaveProperty('name');
  }
  // What is stored is what is written: the file can be read again.
  expect(Object.keys(unzipped(await writtenHouse(db)))).toContain('batches.json');
  expect((await houseStore(db).write()).unreadable).toEqual([]);
});

test('somebody who is not there cannot be erased, and nothing else is touched', async () => {
  const db = openDatabase('erased-nobody');
  await seedOnce(db, '2026-11-26');
  await expect(erasePerson('nobody', db)).rejects.toMatchObject({ code: 'deleted' });
  expect(await db.people.count()).toBeGreaterThan(0);
});

test('a name that somebody else bears too stays theirs', async () => {
  const db = openDatabase('erased-namesake');
  await seedOnce(db, '2026-11-26');
  const { person, ...rest } = (await db.people.get('bettina'))!;
  await db.people.add({ ...rest, id: 'other', person: { ...person, name: 'Bettina Orr' } });
  const erased = await erasePerson('bettina', db);
  expect(erased.texts).toBe(0);
  expect((await db.people.get('other'))?.person.name).toBe('Bettina Orr');
});
