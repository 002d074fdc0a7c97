import 'fake-indexeddb/auto';
import { Dexie } from 'dexie';
import { afterEach, expect, test, vi } from 'vitest';
import { exampleHouse } from './example';
import { withRows, writtenHouse, fileOfHouse, unzipped, zipped } from './houseFile.testing';
import { openDatabase, OlderStoreError, refuseOtherVersions, type Database } from './database';
import { formsOfAll, tables } from './records';
import { seedOnce } from './seed.testing';
import { deleteOlderStore, olderStoreJson } from './olderStore';

const day = '2026-11-25';

// The first stored form, frozen: its tables, and where its records differ from those of today.
const version13 = {
  stores: {
    materials: 'id',
    blends: 'id, updatedAt, deletedAt, recipe.name, recipe.purpose, *tags',
    people: 'id, person.name, deletedAt',
    bottles: 'id, bottle.materialId, bottle.finishedOn, deletedAt',
    vessels: 'id',
    batches:
      'id, &number, blendId, [blendId+startedAt], startedAt, finishedAt, deletedAt, personId, made.judgedOn, file.name',
    drafts: 'id, blendId',
    benchEvents: '[batchId+seq]',
    movements: 'id, bottleId, batchId, at',
    recipients: 'id, recipient.batchId, recipient.personId',
    patchTests: 'id, test.of.batchId, test.personId',
    photos: 'id, photo.of.id',
    settings: 'key',
    snapshots: 'id',
    wayBack: '++n',
  },
  container: {
    id: 'jar-mine',
    vessel: { name: 'Jam jar', kind: 'jar', nominalMl: 200, workingFillPercent: 90 },
    createdAt: '2026-11-25T10:00:00.000Z',
    updatedAt: '2026-11-25T10:00:00.000Z',
    deletedAt: null,
  },
};

type Row = Record<string, unknown>;

/** Rows of today as version 13 had them, by table. */
const asIn13 = (rows: Record<string, Row[]>): Record<string, Row[]> => {
  const {
    containers = [],
    batches = [],
    settings = [],
    blends = [],
    drafts = [],
    ...others
  } = rows;
  // Plans came later.
  const { plans: _, ...same } = others;
  const withoutUnread = ({ recipe, ...rest }: Row): Row => {
    const { notUnderstood: _, ...before } = recipe as Row;
    return { ...rest, recipe: before };
  };
  return {
    ...same,
    blends: blends.map(withoutUnread),
    drafts: drafts.map(withoutUnread),
    settings: settings.map((setting) =>
      setting['key'] === 'guideline' ? { ...setting, key: 'school' } : setting,
    ),
    vessels: containers.map(({ container: vessel, ...rest }) => ({ ...rest, vessel })),
    batches: batches.map(({ targetPercent: askedPercent, ...rest }) => ({
      ...rest,
      askedPercent,
    })),
  };
};

const everything = async (db: Database): Promise<Record<string, Row[]>> =>
  Object.fromEntries(
    await Promise.all(
      tables.map(async (table) => [table, await db.table<Row>(table).toArray()] as const),
    ),
  );

/** A store of version 13 that holds the example house, and a restore point with all of it. */
const store13 = async (name: string): Promise<Record<string, Row[]>> => {
  const today = openDatabase(`${name}-today`);
  await seedOnce(today, day);
  await today.plans.clear();
  await today.settings.put({ key: 'guideline', value: 'cautious' });
  const rows = await everything(today);
  const old = new Dexie(name);
  old.version(13).stores(version13.stores);
  for (const [table, list] of Object.entries(asIn13(rows))) {
    await old.table(table).bulkAdd(list);
    await old
      .table('wayBack')
      .bulkAdd(list.map((record) => ({ table, key: record['id'] ?? record['key'], record })));
  }
  await old.table('wayBack').add({ table: 'vessels', key: 'new', record: null });
  await old.table('snapshots').add({
    id: 'last',
    at: '2026-11-25T10:00:00.000Z',
    why: 'before a file was read in',
    whole: true,
  });
  old.close();
  return rows;
};

afterEach(() => {
  vi.resetModules();
  vi.doUnmock('./records/people');
});

test('version 13 opens: every record is there in the form of today, the restore point too', async () => {
  const rows = await store13('thirteenth');
  const db = openDatabase('thirteenth');
  expect(await everything(db)).toEqual(rows);
  expect(rows['containers']?.length).toBeGreaterThan(0);
  const forms = await formsOfAll();
  for (const table of tables) {
    for (const row of await db.table<Row>(table).toArray()) forms[table].parse(row);
  }
  expect(await db.restorePoint.toArray()).toEqual([
    { id: 'last', at: '2026-11-25T10:00:00.000Z', before: 'import', whole: true },
  ]);
  const restore = await db.restoreRows.toArray();
  for (const table of tables) {
    const kept = restore.filter((row) => row.table === table && row.record !== null);
    expect([table, kept.map(({ record }) => record)]).toEqual([table, rows[table]]);
  }
  expect(restore.filter(({ record }) => record === null)).toMatchObject([
    { table: 'containers', key: 'new' },
  ]);
});

test('a frozen container of version 13 keeps its measures', async () => {
  const old = new Dexie('containers-13');
  old.version(13).stores(version13.stores);
  await old.table('vessels').add(version13.container);
  old.close();
  const db = openDatabase('containers-13');
  const { vessel: container, ...rest } = version13.container;
  expect(await db.containers.toArray()).toEqual([{ ...rest, container }]);
});

test('a record that cannot be read is carried over as it is', async () => {
  const old = new Dexie('unreadable-13');
  old.version(13).stores(version13.stores);
  await old.table('vessels').add({ id: 'broken', vessel: 7 });
  old.close();
  expect(await openDatabase('unreadable-13').containers.toArray()).toEqual([
    { id: 'broken', container: 7 },
  ]);
});

test('a house file of version 9 is read: the form of the store of version 13', async () => {
  const db = openDatabase('file-9');
  await seedOnce(db, day);
  await db.plans.clear();
  const texts = unzipped(await writtenHouse(db));
  const rows: Record<string, Row[]> = {};
  for (const table of tables) rows[table] = JSON.parse(texts[`${table}.json`] ?? '') as Row[];
  const older = asIn13(rows);
  const file = await fileOfHouse(
    db,
    zipped({
      'house.json': (texts['house.json'] ?? '').replace(/"version": \d+/, '"version": 9'),
      ...Object.fromEntries(
        Object.entries(older).map(([table, list]) => [
          `${table}.json`,
          `[\n${list.map((row) => JSON.stringify(row)).join(',\n')}\n]\n`,
        ]),
      ),
    }),
  );
  expect(file.leftOut).toEqual([]);
  expect(file.house).toEqual(
    (
      await fileOfHouse(
        db,
        withRows(zipped(texts), () => undefined),
      )
    ).house,
  );
});

test('a migration that is added to a kind of record is run, and raises the version of store and file', async () => {
  const before = openDatabase('one-more');
  await before.people.bulkAdd(exampleHouse(day).people);
  before.close();
  vi.resetModules();
  vi.doMock('./records/people', async (load) => {
    const { people } = await load<typeof import('./records/people')>();
    const { migration } = await import('./records/recordKind');
    const shout = migration((record) => {
      const { person, ...rest } = record as { person: { name: string } };
      return { ...rest, person: { ...person, name: person.name.toUpperCase() } };
    });
    return { people: { ...people, migrations: { 17: shout } } };
  });
  const { openDatabase: openNext } = await import('./database');
  const { fileVersion } = await import('./houseZip');
  const db = openNext('one-more');
  expect((await db.people.toArray()).map(({ person }) => person.name)).toContain('INES');
  expect(db.verno).toBe(17);
  expect(fileVersion).toBe(13);
});

test('a store from before the first release is refused as it is, and can be saved as JSON', async () => {
  const old = new Dexie('oldest');
  old.version(12).stores({ blends: 'id', settings: 'key' });
  await old.table('blends').add({ id: 'row-g', draft: { name: 'Row G' } });
  old.close();
  await expect(refuseOtherVersions('oldest')).rejects.toBeInstanceOf(OlderStoreError);
  // Where a browser cannot list its databases, opening refuses it.
  const db = openDatabase('oldest');
  await expect(db.open()).rejects.toMatchObject({ name: 'OlderStoreError' });
  db.close();
  expect(JSON.parse(await olderStoreJson('oldest'))).toEqual({
    format: 'jubbet-older-store',
    version: 120,
    tables: { blends: [{ id: 'row-g', draft: { name: 'Row G' } }], settings: [] },
  });
});

test('a store that is not there, or of today, is opened', async () => {
  await refuseOtherVersions('nowhere');
  const db = openDatabase('of-today');
  await db.open();
  await refuseOtherVersions('of-today');
});

test('deleting an older store says that another tab holds it, and goes on once that is closed', async () => {
  const tab = new Dexie('held');
  tab.version(12).stores({ blends: 'id' });
  await tab.open();
  // As a tab from before it was closed on demand.
  tab.on('versionchange', () => false);
  await deleteOlderStore(() => tab.close(), 'held');
  expect((await indexedDB.databases()).map(({ name }) => name)).not.toContain('held');
});
