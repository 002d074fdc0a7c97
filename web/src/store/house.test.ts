import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { beforeEach, describe, expect, test } from 'vitest';
import { z } from 'zod';
import { batchStore } from './batches';
import { openDatabase, type Database } from './database';
import { exampleHouse } from './example';
import { houseStore } from './house';
import { seedOnce } from './seed.testing';
import { version7, version7Now } from './version7.testing';

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
  await batchStore(other).mend();
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

test('a file of version 3 is read: its drafts are recipes', () => {
  const older = read(
    JSON.stringify({
      format: 'jubbet-house',
      version: 3,
      savedAt: '2026-11-25T10:00:00.000Z',
      house: version7,
    }),
  );
  expect(older).toEqual(version7Now);
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
    ['{"format":"jubbet-house","version":3,"house":{"blends":[7,{"draft":{"brief":9}}]}}', /./],
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

describe('what comes in harms nothing', () => {
  type Rows = Record<string, unknown>[];
  type File = {
    house: Record<'blends' | 'batches' | 'bottles' | 'drafts' | 'events' | 'settings', Rows>;
  };
  const changed = async (change: (house: File['house']) => void) => {
    const file = JSON.parse(await written()) as File;
    change(file.house);
    const result = houseStore(db).read(JSON.stringify(file));
    if (!result.ok) throw new Error(result.sentence);
    return result;
  };

  test('one record that cannot be read is set aside and named, and the rest comes in', async () => {
    const { house, setAside } = await changed(({ blends }) => {
      (blends[1]!['recipe'] as Record<string, unknown>)['oils'] = 'poison';
    });
    expect(setAside).toEqual([
      { what: expect.stringMatching(/^blend “.+”$/), why: expect.stringMatching(/oils/) },
    ]);
    expect(house.blends).toHaveLength(exampleHouse('2026-11-25').blends.length - 1);
    expect(house.batches).toHaveLength(exampleHouse('2026-11-25').batches.length);
  });

  test('a day that there is not is no day of a bottle', async () => {
    const { setAside } = await changed(({ bottles }) => {
      (bottles[0]!['bottle'] as Record<string, unknown>)['openedOn'] = '2026-02-31';
    });
    expect(setAside[0]).toMatchObject({ why: expect.stringMatching(/openedOn.*day/) });
  });

  test('settings that are not known, or cannot be, do not come in', async () => {
    const { house, setAside } = await changed(({ settings }) => {
      settings.push({ key: 'lastExport', value: 'garbage' }, { key: 'constructor', value: 1 });
    });
    expect(setAside.map(({ what }) => what)).toHaveLength(2);
    expect(house.settings.map(({ key }) => key)).not.toContain('constructor');
    expect(house.settings.map(({ key }) => key)).not.toContain('lastExport');
  });

  test('numbers as large as there are stop nothing: they are made new', async () => {
    const { house } = await changed(({ events, drafts, blends }) => {
      events.at(-1)!['seq'] = Number.MAX_SAFE_INTEGER;
      drafts[0]!['number'] = Number.MAX_SAFE_INTEGER;
      blends[0]!['revision'] = Number.MAX_SAFE_INTEGER;
    });
    const other = openDatabase(`house-${serial}-large`);
    await houseStore(other).bringIn(house, 'replace');
    const batchId = house.batches[0]!.id;
    const next = await other.events.add({
      batchId,
      at: '2026-11-25T10:00:00.000Z',
      event: { kind: 'done', step: 's' },
    } as never);
    expect(next).toBe(house.events.length + 1);
    expect(house.blends.every(({ revision }) => revision === 1)).toBe(true);
    expect(Math.max(...house.drafts.map(({ number }) => number))).toBeLessThan(10);
    expect((await houseStore(other).write()).unreadable).toEqual([]);
  });

  test('of two batches with one number the second gets a mark', async () => {
    const { house } = await changed(({ batches }) => {
      batches[1]!['number'] = batches[0]!['number'];
    });
    expect(house.batches[1]?.number).toBe(`${house.batches[0]!.number} (2)`);
  });

  test('what was filled up to the neck of a jug is read again', async () => {
    const { setAside } = await changed(({ events }) => {
      events.push({
        seq: 99_999,
        batchId: 'batch-encore',
        at: '2026-11-25T10:00:00.000Z',
        event: { kind: 'filled', vessel: 0, percent: 180 },
      });
    });
    expect(setAside).toEqual([]);
  });
});

test('the example goes, and what a visitor made or changed stays', async () => {
  const store = houseStore(db);
  await db.blends.add({
    ...(await db.blends.get('row-g'))!,
    id: 'mine',
    revision: 1,
    recipe: { ...(await db.blends.get('row-g'))!.recipe, name: 'Mine' },
  });
  await db.blends.update('encore', { revision: 2 });
  await db.batches.update('batch-interval', { notes: 'My own words' });
  await db.events.add({
    batchId: 'batch-prompt-desk',
    at: '2026-11-26T10:00:00.000Z',
    event: { kind: 'drop', step: 'count/0/cardamom' },
  } as never);
  await store.clearExample();
  expect((await db.blends.toArray()).map(({ id }) => id).sort()).toEqual(['encore', 'mine']);
  expect((await db.batches.toArray()).map(({ id }) => id).sort()).toEqual([
    'batch-interval',
    'batch-prompt-desk',
  ]);
  // Those for whom that is stay with it; nothing is signed by the example's maker.
  expect((await db.people.toArray()).map(({ id }) => id)).toContain('ines');
  expect(await db.bottles.count()).toBe(0);
  expect(await db.settings.get('maker')).toBeUndefined();
  await store.goBack();
  expect(await db.blends.count()).toBe(exampleHouse('2026-11-25').blends.length + 1);
});
