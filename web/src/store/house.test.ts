import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { zipSync } from 'fflate';
import { beforeEach, describe, expect, test } from 'vitest';
import type { BenchEvent } from '@jubbet/core/making';
import { houseFileProblemWords, recordProblemWords } from '@jubbet/core/words';
import { batchStore } from './batches';
import { blendStore } from './blends';
import { openDatabase, type Database } from './database';
import { exampleHouse } from './example';
import { houseStore } from './house';
import { fileOfHouse, unzipped, withRows, writtenHouse, zipped } from './houseFile.testing';
import { photosStore } from './photos';
import { tables } from './records';
import { seedOnce } from './seed.testing';
import { exampleMaker } from './exampleBlends';
import { settingsStore } from './settings';

let serial = 0;
let db: Database;

beforeEach(async () => {
  serial += 1;
  db = openDatabase(`house-${serial}`);
  await seedOnce(db, '2026-11-25');
  await settingsStore(db).write('maker', exampleMaker);
});

/** What holds for this browser alone, and does not go with a file. */
const ofThisDevice = ['houseId', 'readFrom', 'seeded', 'openedAt', 'welcomed', 'exampleHere'];

/** Everything but the restore point, for comparing. */
const all = async (store: Database): Promise<Record<string, unknown[]>> =>
  Object.fromEntries(
    await Promise.all(
      tables.map(async (table) => {
        const rows: { key?: string }[] = await store.table(table).toArray();
        return [table, rows.filter(({ key }) => !ofThisDevice.includes(key ?? ''))] as const;
      }),
    ),
  );

const read = (bytes: Uint8Array | string) => fileOfHouse(db, bytes);

test('out, then in again, into an empty house: the same data, to the last day', async () => {
  const other = openDatabase(`house-${serial}-other`);
  await houseStore(other).importHouse(await read(await writtenHouse(db)), 'replace');
  await batchStore(other).mend();
  expect(await all(other)).toEqual(await all(db));
});

test('a file that says better of a batch than is so is not believed', async () => {
  const file = await read(await writtenHouse(db));
  const other = openDatabase(`house-${serial}-lied`);
  const over = file.house.batches.find(({ made }) => made?.verdict === 'caution');
  const house = {
    ...file.house,
    batches: file.house.batches.map((batch) =>
      batch.id === over?.id && batch.made
        ? { ...batch, made: { ...batch.made, verdict: 'within' as const } }
        : batch,
    ),
  };
  await houseStore(other).importHouse({ ...file, house }, 'replace');
  await batchStore(other).mend();
  expect((await other.batches.get(over?.id ?? ''))?.made?.verdict).toBe('caution');
});

test('every table goes out and comes in', async () => {
  const entries = unzipped(await writtenHouse(db));
  expect(Object.keys(entries).sort()).toEqual(
    ['house.json', ...tables.map((table) => `${table}.json`)].sort(),
  );
  for (const [table, rows] of Object.entries(await all(db))) {
    expect([table, JSON.parse(entries[`${table}.json`] ?? '')]).toEqual([table, rows]);
  }
});

test('adding leaves what is here, and adds what is not', async () => {
  const file = await read(await writtenHouse(db));
  await db.blends.delete('row-g');
  await db.batches.delete('batch-prompt-desk');
  await db.benchEvents.clear();
  await db.blends.update('prompt-desk', { updatedAt: '2026-11-26T10:00:00.000Z', revision: 2 });
  expect(await houseStore(db).summary(file)).toMatchObject({
    blends: 1,
    batches: 1,
    people: 0,
    gone: 0,
  });
  await houseStore(db).importHouse(file, 'add');
  expect(await db.blends.get('row-g')).toBeDefined();
  expect(await db.benchEvents.count()).toBe(file.house.benchEvents.length);
  expect((await db.blends.get('prompt-desk'))?.updatedAt).toBe('2026-11-26T10:00:00.000Z');
});

test('a batch number that is taken gets a mark, since the other stands on a label', async () => {
  const file = await read(await writtenHouse(db));
  const [batch] = file.house.batches;
  const duplicated = { ...file, house: { ...file.house, batches: [{ ...batch!, id: 'twin' }] } };
  await houseStore(db).importHouse(duplicated, 'add');
  expect((await db.batches.get('twin'))?.number).toBe(`${batch!.number} (2)`);
});

test.each(['replace', 'add'] as const)(
  'there is a way back from reading in to %s, and forth again',
  async (manner) => {
    const file = await read(await writtenHouse(db));
    const more = { ...file.house.blends[0]!, id: 'more' };
    await db.blends.delete('encore');
    const before = await all(db);
    expect(await houseStore(db).restorePoint()).toBeNull();
    await houseStore(db).importHouse(
      { ...file, house: { ...file.house, blends: [...file.house.blends, more] } },
      manner,
    );
    const after = await all(db);
    expect(await db.blends.get('more')).toBeDefined();
    expect(await houseStore(db).restorePoint()).toMatchObject({ before: 'import' });
    await houseStore(db).goBack();
    expect(await all(db)).toEqual(before);
    await houseStore(db).goBack();
    expect(await all(db)).toEqual(after);
  },
);

test('clearing keeps the settings, and can be taken back', async () => {
  await houseStore(db).clear();
  expect([await db.blends.count(), await db.people.count()]).toEqual([0, 0]);
  expect(await db.settings.get('maker')).toBeDefined();
  await houseStore(db).goBack();
  expect(await db.blends.count()).toBe(exampleHouse('2026-11-25').blends.length);
});

describe('a file that cannot be read is told, and changes nothing', () => {
  test.each([
    ['nothing', '', /not a Jubbet backup/],
    ['any JSON', '{}', /not a Jubbet backup/],
    ['a blend', '{"format":"jubbet-blend","version":1}', /one blend, not a backup/],
    ['a picture', '\u0089PNG', /a picture, not a backup/],
  ])('%s', async (_, text, sentence) => {
    const result = await houseStore(db).read(
      Uint8Array.from(text, (letter) => letter.charCodeAt(0)),
    );
    expect(result.ok ? '' : houseFileProblemWords(result.problem)).toMatch(sentence);
  });

  test.each([
    ['of a later version', { version: 99 }, /version 99; this Jubbet reads versions 9 to 12/],
    ['of before the first release', { version: 4 }, /version 4; this Jubbet reads/],
    ['without a moment', { savedAt: 'yesterday' }, /^house\.json: savedAt/],
  ])('a backup %s', async (_, head, sentence) => {
    const texts = unzipped(await writtenHouse(db));
    const whole = JSON.parse(texts['house.json'] ?? '') as object;
    texts['house.json'] = JSON.stringify({ ...whole, ...head });
    const result = await houseStore(db).read(zipped(texts));
    expect(result.ok ? '' : houseFileProblemWords(result.problem)).toMatch(sentence);
  });

  test('a backup without one of its tables', async () => {
    const { 'people.json': _, ...texts } = unzipped(await writtenHouse(db));
    const result = await houseStore(db).read(zipped(texts));
    expect(result.ok ? '' : houseFileProblemWords(result.problem)).toBe(
      'people.json is missing from the backup.',
    );
  });

  const runs = Number(process.env['MUTATIONS'] ?? 90);

  const expectAnswered = async (bytes: Uint8Array): Promise<void> => {
    const result = await houseStore(db).read(bytes);
    if (!result.ok) expect(houseFileProblemWords(result.problem)).toMatch(/^\S.*\.$/s);
  };

  test('mutations of a good file, hundreds or as many as MUTATIONS says', async () => {
    const bytes = await writtenHouse(db);
    const texts = unzipped(bytes);
    const names = Object.keys(texts);
    const before = await all(db);
    const change = fc.tuple(fc.nat(), fc.nat(40), fc.string({ maxLength: 12 }));
    await fc.assert(
      fc.asyncProperty(fc.nat(names.length - 1), change, async (n, [at, length, put]) => {
        const name = names[n] ?? '';
        const text = texts[name] ?? '';
        const from = at % text.length;
        const mutant = text.slice(0, from) + put + text.slice(from + length);
        await expectAnswered(zipped({ ...texts, [name]: mutant }));
      }),
      { numRuns: runs },
    );
    // The zip itself, with a byte changed or its end cut off.
    await fc.assert(
      fc.asyncProperty(
        fc.nat(bytes.length - 1),
        fc.nat(255),
        fc.boolean(),
        async (at, byte, cut) => {
          const mutant = cut ? bytes.slice(0, at) : bytes.slice();
          if (!cut) mutant[at] = byte;
          await expectAnswered(mutant);
        },
      ),
      { numRuns: runs / 2 },
    );
    expect(await all(db)).toEqual(before);
  }, 1_200_000);
});

describe('what comes in harms nothing', () => {
  const changed = async (change: Parameters<typeof withRows>[1]) =>
    read(withRows(await writtenHouse(db), change));

  test('one record that cannot be read is set aside and named, and the rest comes in', async () => {
    const { house, leftOut } = await changed(({ blends = [] }) => {
      (blends[1]!['recipe'] as Record<string, unknown>)['oils'] = 'poison';
    });
    expect(leftOut).toMatchObject([{ word: 'blend', name: expect.stringMatching(/./), place: 2 }]);
    expect(recordProblemWords(leftOut[0]!.problem)).toMatch(/oils/);
    expect(house.blends).toHaveLength(exampleHouse('2026-11-25').blends.length - 1);
    expect(house.batches).toHaveLength(exampleHouse('2026-11-25').batches.length);
  });

  test('a day that there is not is no day of a bottle', async () => {
    const { leftOut } = await changed(({ bottles = [] }) => {
      (bottles[0]!['bottle'] as Record<string, unknown>)['openedOn'] = '2026-02-31';
    });
    expect(recordProblemWords(leftOut[0]!.problem)).toMatch(/openedOn.*day/);
  });

  test('settings that are not known, or cannot be, do not come in', async () => {
    const { house, leftOut } = await changed(({ settings = [] }) => {
      settings.push({ key: 'lastExport', value: 'garbage' }, { key: 'constructor', value: 1 });
    });
    expect(leftOut).toHaveLength(2);
    expect(house.settings.map(({ key }) => key)).not.toContain('constructor');
    expect(house.settings.map(({ key }) => key)).not.toContain('lastExport');
  });

  test('numbers as large as there are stop nothing: they are made new', async () => {
    const file = await changed(({ drafts = [], blends = [] }) => {
      drafts[0]!['number'] = Number.MAX_SAFE_INTEGER;
      blends[0]!['revision'] = Number.MAX_SAFE_INTEGER;
    });
    const other = openDatabase(`house-${serial}-large`);
    await houseStore(other).importHouse(file, 'replace');
    expect(file.house.blends.every(({ revision }) => revision === 1)).toBe(true);
    expect(Math.max(...file.house.drafts.map(({ number }) => number))).toBeLessThan(10);
    expect((await houseStore(other).write()).unreadable).toEqual([]);
  });

  test('a log has no gaps, whatever a file says, and its next entry follows', async () => {
    const file = await changed(({ benchEvents = [] }) => {
      benchEvents.at(-1)!['seq'] = 49_999;
    });
    const other = openDatabase(`house-${serial}-gaps`);
    await houseStore(other).importHouse(file, 'replace');
    const { batchId } = file.house.benchEvents[0]!;
    await batchStore(other).record(batchId, [{ kind: 'discarded', container: 0 }]);
    const seqs = (await batchStore(other).log(batchId)).map(({ seq }) => seq);
    expect(seqs).toEqual(seqs.map((_, n) => n + 1));
  });

  test('a setting that stands twice comes in once', async () => {
    const file = await changed(({ settings = [] }) => {
      settings.push({ ...settings.find(({ key }) => key === 'maker') });
    });
    expect(file.leftOut).toMatchObject([
      { word: 'setting', name: 'maker', problem: { code: 'twice' } },
    ]);
    await houseStore(db).importHouse(file, 'replace');
  });

  test('of two batches with one number the second gets a mark', async () => {
    const { house } = await changed(({ batches = [] }) => {
      batches[1]!['number'] = batches[0]!['number'];
    });
    expect(house.batches[1]?.number).toBe(`${house.batches[0]!.number} (2)`);
  });

  test('what was filled up to the neck of a jug is read again', async () => {
    const { leftOut } = await changed(({ benchEvents = [] }) => {
      benchEvents.push({
        ...benchEvents.at(-1),
        seq: 49_999,
        event: { kind: 'filled', container: 0, percent: 180 },
      });
    });
    expect(leftOut).toEqual([]);
  });

  test('a zip that grows without end is refused before it fills the memory', async () => {
    const bomb = zipSync({ 'blends.json': new Uint8Array(30_000_000).fill(97) }, { level: 9 });
    expect(bomb.length).toBeLessThan(100_000);
    const result = await houseStore(db).read(bomb);
    expect(result.ok ? '' : houseFileProblemWords(result.problem)).toMatch(
      /larger than any backup/,
    );
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
  await batchStore(db).record('batch-prompt-desk', [{ kind: 'discarded', container: 0 }]);
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

test('what was weighed, waited for, smelled and read at a bench goes out and comes in the same', async () => {
  const events: BenchEvent[] = [
    { kind: 'order', first: 'carrier', rounds: true },
    { kind: 'later', step: 'count/0/lavender' },
    { kind: 'asked-g', step: 'weigh/0/beeswax_yellow', g: 41 },
    {
      kind: 'measured',
      step: 'weigh/0/beeswax_yellow',
      ingredient: 'beeswax_yellow',
      source: 'typed',
      amount: { unit: 'g', value: 41.2 },
    },
    {
      kind: 'temperature',
      step: 'cool',
      celsius: 71.5,
      takenAt: '2026-11-25T10:00:00.000Z',
      source: 'typed',
    },
    {
      kind: 'timer',
      timerId: 'one',
      step: null,
      startedAt: '2026-11-25T10:00:00.000Z',
      endsAt: '2026-11-25T10:10:00.000Z',
      words: 'Mix it again',
    },
    { kind: 'timer-off', timerId: 'one' },
    { kind: 'smelled', when: 'next-day', words: 'softer' },
  ];
  const log = await batchStore(db).log('batch-prompt-desk');
  await db.benchEvents.bulkAdd(
    events.map((event, n) => ({
      batchId: 'batch-prompt-desk',
      seq: log.length + n + 1,
      at: '2026-11-25T10:00:00.000Z',
      event,
    })),
  );
  const file = await read(zipped(unzipped(await writtenHouse(db))));
  expect(file.leftOut).toEqual([]);
  const back = file.house.benchEvents
    .filter(({ batchId }) => batchId === 'batch-prompt-desk')
    .map(({ event }) => event);
  expect(back.slice(-events.length)).toEqual(events);
});

test('a blend is tagged with each word once, and a tag that is no tag is refused', async () => {
  const book = blendStore(db);
  await book.tag('keepsake', [' Gifts ', 'gifts', '', 'stall']);
  expect((await book.get('keepsake'))?.tags).toEqual(['Gifts', 'stall']);
  await expect(book.tag('keepsake', ['x'.repeat(41)])).rejects.toMatchObject({
    code: 'too-many-tags',
  });
  await book.favour('keepsake', false);
  expect(await book.get('keepsake')).toMatchObject({ favourite: false, tags: ['Gifts', 'stall'] });
});

test('a backup keeps photographs that are not ticked only where that is asked, and Replace keeps them', async () => {
  const photo = {
    ...{ of: { kind: 'blend' as const, id: 'row-g' }, jpeg: btoa('x'.repeat(300)) },
    ...{ width: 10, height: 10, words: 'The label', leaves: false },
  };
  await photosStore(db).add(photo);
  const store = houseStore(db);
  expect(await store.photographsStaying()).toEqual({ count: 1, bytes: 300 });
  const without = await read(await writtenHouse(db));
  expect(without.house.photos).toEqual([]);
  expect((await store.summary(without)).onlyHere).toMatchObject({ count: 1 });
  await store.importHouse(without, 'replace', undefined, true);
  expect((await db.photos.toArray()).map((record) => record.photo.words)).toEqual(['The label']);
  const { parts } = await store.write(undefined, true);
  const withAll = await read(new Uint8Array(await new Blob([...parts]).arrayBuffer()));
  expect(withAll.house.photos).toHaveLength(1);
  await store.importHouse(without, 'replace', undefined, false);
  expect(await db.photos.count()).toBe(0);
});

test('over what was put in place of the example it no longer says that it is one', async () => {
  expect((await settingsStore(db).read()).exampleHere).toBe(true);
  await houseStore(db).importHouse(await read(await writtenHouse(db)), 'replace');
  expect((await settingsStore(db).read()).exampleHere).toBe(false);
  await houseStore(db).goBack();
  expect((await settingsStore(db).read()).exampleHere).toBe(true);
});
