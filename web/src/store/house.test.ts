import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { beforeEach, describe, expect, test } from 'vitest';
import { z } from 'zod';
import { openDatabase, type Database } from './database';
import { exampleHouse } from './example';
import { houseStore } from './house';
import { seedOnce } from './seed.testing';

let serial = 0;
let db: Database;

beforeEach(async () => {
  serial += 1;
  db = openDatabase(`house-${serial}`);
  await seedOnce(db, '2026-11-25');
});

/** Everything but the way back, for comparing. */
const all = async (store: Database): Promise<Record<string, unknown[]>> =>
  Object.fromEntries(
    await Promise.all(
      store.tables
        .filter(({ name }) => name !== 'snapshots')
        .map(async (table) => [table.name, await table.toArray()] as const),
    ),
  );

const written = async (): Promise<string> => (await houseStore(db).write()).text;

const read = (text: string) => {
  const result = houseStore(db).read(text);
  if (!result.ok) throw new Error(result.sentence);
  return result.house;
};

test('out, then in again, into an empty house: the same data', async () => {
  const text = await written();
  const other = openDatabase(`house-${serial}-other`);
  await houseStore(other).bringIn(read(text), 'replace');
  expect(await all(other)).toEqual(await all(db));
});

test('every table goes out and comes in', async () => {
  const tables = Object.entries(await all(db));
  const { house } = z
    .object({ house: z.record(z.string(), z.array(z.unknown())) })
    .parse(JSON.parse(await written()));
  expect(Object.keys(house).sort()).toEqual(tables.map(([name]) => name).sort());
  for (const [name, rows] of tables)
    expect([name, house[name]?.length]).toEqual([name, rows.length]);
});

test('a file of version 1 is read: its bottles were in ml, and it had no vessels', async () => {
  const { house, ...head } = JSON.parse(await written()) as {
    house: { bottles: { bottle: Record<string, unknown> }[]; vessels?: unknown };
  };
  delete house.vessels;
  house.bottles = house.bottles.map((record) => {
    const { unit: _unit, size, left, ...bottle } = record.bottle;
    return { ...record, bottle: { ...bottle, sizeMl: size, leftMl: left } };
  });
  const older = read(JSON.stringify({ ...head, version: 1, house }));
  expect(older.vessels).toEqual([]);
  const jojoba = older.bottles.find(({ id }) => id === 'jojoba-1')?.bottle;
  expect(jojoba).toMatchObject({ unit: 'ml', size: 250, left: 140 });
});

test('adding leaves what is here, and adds what is not', async () => {
  const house = read(await written());
  await db.blends.delete('row-g');
  await db.batches.delete('batch-row-g');
  await db.events.where('batchId').equals('batch-row-g').delete();
  await db.blends.update('prompt-desk', { updatedAt: '2026-11-26T10:00:00.000Z' });
  expect(await houseStore(db).summary(house)).toMatchObject({
    blends: 1,
    batches: 1,
    people: 0,
    gone: 0,
  });
  await houseStore(db).bringIn(house, 'add');
  expect(await db.blends.get('row-g')).toBeDefined();
  expect(await db.events.where('batchId').equals('batch-row-g').count()).toBeGreaterThan(0);
  expect((await db.blends.get('prompt-desk'))?.updatedAt).toBe('2026-11-26T10:00:00.000Z');
});

test('a batch number that is taken gets a mark, since the other stands on a label', async () => {
  const house = read(await written());
  const [batch] = house.batches;
  const twin = { ...house, batches: [{ ...batch!, id: 'twin' }] };
  await houseStore(db).bringIn(twin, 'add');
  expect((await db.batches.get('twin'))?.number).toBe(`${batch!.number} (2)`);
});

test('there is a way back from every reading in, and forth again', async () => {
  const before = await all(db);
  expect(await houseStore(db).wayBack()).toBeNull();
  const house = read(await written());
  await houseStore(db).bringIn({ ...house, blends: [] }, 'replace');
  expect(await db.blends.count()).toBe(0);
  expect(await houseStore(db).wayBack()).toMatchObject({ why: 'before a file was read in' });
  await houseStore(db).goBack();
  expect(await all(db)).toEqual(before);
  await houseStore(db).goBack();
  expect(await db.blends.count()).toBe(0);
});

test('clearing keeps the settings, and can be taken back', async () => {
  await houseStore(db).clear();
  expect([await db.blends.count(), await db.people.count()]).toEqual([0, 0]);
  expect(await db.settings.get('maker')).toBeDefined();
  await houseStore(db).goBack();
  expect(await db.blends.count()).toBe(exampleHouse('2026-11-25').blends.length);
});

describe('a file that cannot be read is told, and changes nothing', () => {
  test.each([
    ['', /not JSON/],
    ['{"format":"jubbet-house","vers', /not JSON/],
    ['{}', /not a file of all data/],
    ['[]', /not a file of all data/],
    ['{"format":"jubbet-blend","version":1}', /one blend/],
    ['{"format":"jubbet-house","version":7}', /version 7/],
    [
      '{"format":"jubbet-house","version":1,"savedAt":"2026-11-25T10:00:00.000Z"}',
      /^house is missing/,
    ],
    [
      '{"format":"jubbet-house","version":2,"savedAt":"2026-11-25T10:00:00.000Z"}',
      /^house is missing/,
    ],
    ['{"format":"jubbet-house","version":1,"house":{"bottles":[7,{"bottle":null}]}}', /./],
  ])('%s', (text, sentence) => {
    const result = houseStore(db).read(text);
    expect(result.ok ? '' : result.sentence).toMatch(sentence);
  });

  test('mutations of a good file, a thousand or as many as MUTATIONS says', async () => {
    const text = await written();
    const before = await all(db);
    fc.assert(
      fc.property(
        fc.nat(text.length - 1),
        fc.nat(40),
        fc.string({ maxLength: 12 }),
        (at, length, put) => {
          const result = houseStore(db).read(text.slice(0, at) + put + text.slice(at + length));
          if (!result.ok) expect(result.sentence).toMatch(/^\S.*\.$/s);
        },
      ),
      { numRuns: Number(process.env['MUTATIONS'] ?? 1000) },
    );
    expect(await all(db)).toEqual(before);
  }, 1_200_000);
});
