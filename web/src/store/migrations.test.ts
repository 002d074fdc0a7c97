import 'fake-indexeddb/auto';
import { Dexie } from 'dexie';
import { expect, test } from 'vitest';
import { emptyRecipe, recipeSchema } from '@jubbet/core/recipe';
import { tallyOf } from '@jubbet/core/making';
import { batchStore } from './batches';
import { openDatabase, type BlendRecord, type Database } from './database';
import { formsOfAll, tables } from './records';
import { version6 } from './version6.testing';
import { version7, version7Now } from './version7.testing';
import { version11 } from './version11.testing';

// Frozen examples of older forms of the store. They are never changed.

const version1 = {
  stores: {
    blends: 'id, updatedAt',
    batches: 'id, &number, blendId, startedAt',
    events: '++seq, batchId',
    settings: 'key',
  },
  blend: {
    id: 'row-g',
    draft: {
      name: 'Row G',
      purpose: '',
      notes: '',
      brief: { wearer: 'anyone', place: 'pulse-points', use: 'leave-on', sun: 'exposed' },
      vessel: { id: 'roll-on-10' },
      count: 1,
      dropSchool: 'pharmacy',
      school: 'clinical',
      target: null,
      oils: [{ id: 'lavender', drops: 2 }],
      bases: [{ id: 'jojoba', parts: 1 }],
    },
    createdAt: '2026-11-25T10:00:00.000Z',
    updatedAt: '2026-11-25T10:00:00.000Z',
    deletedAt: null,
  },
  event: { batchId: 'b', at: '2026-11-25T10:00:00.000Z', event: { kind: 'drop', step: 's' } },
};

/** What the drop of version 1 is now. */
const dropNow = {
  kind: 'drop',
  step: 's',
  container: 0,
  ingredient: 's',
  bottleId: null,
  source: null,
  drops: 1,
};

/** Records of the way back, of one kind. */
const wayBack = async (db: Database, table: string): Promise<unknown[]> =>
  (await db.wayBack.toArray()).filter((row) => row.table === table).map(({ record }) => record);

test('version 1 opens: blends count their writes and may be for a person, all else stays as it was', async () => {
  const old = new Dexie('older');
  old.version(1).stores(version1.stores);
  await old.table('blends').add(version1.blend);
  await old.table('events').add(version1.event);
  old.close();

  const db = openDatabase('older');
  const { draft: _draft, ...kept } = version1.blend;
  expect(await db.blends.toArray()).toEqual([
    {
      ...kept,
      revision: 1,
      favourite: false,
      tags: [],
      recipe: {
        ...emptyRecipe(),
        name: 'Row G',
        brief: { ...emptyRecipe().brief, wearer: 'anyone', place: 'pulse-points' },
        oils: [{ id: 'lavender', amount: { unit: 'drops', value: 2 } }],
        bases: [{ id: 'jojoba', amount: { unit: 'parts', value: 1 } }],
      },
    },
  ]);
  expect(await db.people.count()).toBe(0);
  expect(await db.benchEvents.toArray()).toEqual([
    { batchId: 'b', seq: 1, at: version1.event.at, event: dropNow },
  ]);
});

test('version 2 opens: what was counted stays counted, and people may move in', async () => {
  const old = new Dexie('second');
  old.version(1).stores(version1.stores);
  old.version(2);
  await old.table('blends').add({ ...version1.blend, revision: 7 });
  old.close();

  const db = openDatabase('second');
  const [blend] = await db.blends.toArray();
  expect(blend?.revision).toBe(7);
  expect(blend?.recipe.brief.personId).toBeNull();
});

test('version 3 opens: people and the way back stay, and there is room for drafts', async () => {
  const old = new Dexie('third');
  old.version(1).stores(version1.stores);
  old.version(2);
  old.version(3).stores({ people: 'id', snapshots: 'id' });
  const person = {
    name: 'Ines',
    born: '1985-06',
    pregnant: false,
    conditions: [],
    allergies: [],
    skin: 'normal',
  };
  const ines = {
    id: 'ines',
    person: { ...person, nursing: false },
    createdAt: '2026-11-25T10:00:00.000Z',
    updatedAt: '2026-11-25T10:00:00.000Z',
    deletedAt: null,
  };
  await old.table('people').add(ines);
  old.close();

  const db = openDatabase('third');
  expect(await db.people.toArray()).toEqual([
    { ...ines, person: { ...person, breastfeeding: false } },
  ]);
  expect(await db.drafts.count()).toBe(0);
});

test('version 4 opens: nothing was for sale, the way back included, and there is a shelf', async () => {
  const old = new Dexie('fourth');
  old.version(1).stores(version1.stores);
  old.version(2);
  old.version(3).stores({ people: 'id', snapshots: 'id' });
  old.version(4).stores({ drafts: 'id, blendId' });
  const brief = { ...version1.blend.draft.brief, personId: null };
  const blend = { ...version1.blend, revision: 1, draft: { ...version1.blend.draft, brief } };
  const draft = { id: 'd', blendId: 'row-g', number: 1, name: '', good: '', draft: blend.draft };
  await old.table('blends').add(blend);
  await old.table('drafts').add(draft);
  await old.table('snapshots').add({
    id: 'last',
    at: '2026-11-25T10:00:00.000Z',
    why: 'before a file was read in',
    house: { blends: [blend], drafts: [draft], batches: [], events: [], people: [], settings: [] },
  });
  old.close();

  const db = openDatabase('fourth');
  expect((await db.blends.get('row-g'))?.recipe.brief.forSale).toBe(false);
  expect((await db.drafts.get('d'))?.recipe.brief.forSale).toBe(false);
  const [way] = (await wayBack(db, 'blends')) as BlendRecord[];
  expect(way?.recipe.brief.forSale).toBe(false);
  expect(await wayBack(db, 'bottles')).toEqual([]);
  expect(await db.bottles.count()).toBe(0);
});

test('version 5 opens: bottles were in ml and still are, and vessels may be measured', async () => {
  const old = new Dexie('fifth');
  old.version(1).stores(version1.stores);
  old.version(2);
  old.version(3).stores({ people: 'id', snapshots: 'id' });
  old.version(4).stores({ drafts: 'id, blendId' });
  old.version(5).stores({ materials: 'id', bottles: 'id' });
  const at = '2026-11-25T10:00:00.000Z';
  const rest = {
    materialId: 'shea_butter',
    lot: 'SH-4',
    supplier: '',
    openedOn: '2026-06-01',
    printedDate: null,
    price: 6.5,
    weighings: [],
    analysis: null,
    finishedOn: null,
  };
  const shelved = (sizes: object) => ({
    id: 'shea',
    bottle: { ...rest, ...sizes },
    createdAt: at,
    updatedAt: at,
    deletedAt: null,
  });
  const before = shelved({ sizeMl: 250, leftMl: 95.5 });
  const after = shelved({ unit: 'ml', size: 250, atStart: 95.5, boughtOn: null, first: false });
  await old.table('bottles').add(before);
  await old.table('snapshots').add({
    id: 'last',
    at,
    why: 'before a file was read in',
    house: {
      blends: [],
      drafts: [],
      batches: [],
      events: [],
      people: [],
      materials: [],
      bottles: [before],
      settings: [],
    },
  });
  old.close();

  const db = openDatabase('fifth');
  expect(await db.bottles.toArray()).toEqual([after]);
  expect(await wayBack(db, 'bottles')).toEqual([after]);
  expect(await wayBack(db, 'vessels')).toEqual([]);
  expect(await db.vessels.count()).toBe(0);
});

test('version 6 opens: a batch carries its materials and for whom it was, and nothing is lost', async () => {
  const old = new Dexie('sixth');
  old.version(1).stores(version1.stores);
  old.version(2);
  old.version(3).stores({ people: 'id', snapshots: 'id' });
  old.version(4).stores({ drafts: 'id, blendId' });
  old.version(5).stores({ materials: 'id', bottles: 'id' });
  old.version(6).stores({ vessels: 'id' });
  const at = '2026-11-25T10:00:00.000Z';
  const jasmine = { kind: 'oil', id: 'own-night-jasmine', name: 'Night jasmine' };
  const figure = { kind: 'figure', id: 'figure-lavender-maximum', oilId: 'lavender', value: 3 };
  const other = { kind: 'oil', id: 'own-other', name: 'Another' };
  const kept = (own: { id: string }) => ({
    id: own.id,
    own,
    createdAt: at,
    updatedAt: at,
    deletedAt: null,
  });
  const batch = {
    id: 'b',
    number: '2026-001',
    blendId: 'row-g',
    file: {
      name: 'Row G',
      oils: [
        { id: 'own-night-jasmine', drops: 2 },
        { id: 'lavender', drops: 1 },
      ],
      bases: [{ id: 'jojoba', parts: 1 }],
    },
    askedPercent: null,
    verdict: 'holds',
    reason: '',
    startedAt: at,
    finishedAt: at,
    madeOn: '2026-11-25',
    notes: 'as it was',
  };
  const draft = { id: 'd', blendId: 'row-g', batchId: 'b', draft: { brief: { personId: 'ines' } } };
  await old.table('materials').bulkAdd([jasmine, figure, other].map(kept));
  await old.table('drafts').add(draft);
  await old.table('batches').add(batch);
  await old.table('events').add({ ...version1.event, batchId: 'b' });
  await old.table('snapshots').add({
    id: 'last',
    at,
    why: 'before a file was read in',
    house: { batches: [batch], materials: [kept(jasmine)], drafts: [draft], events: [] },
  });
  old.close();

  const db = openDatabase('sixth');
  const added = {
    analyses: {},
    made: null,
    notToBeUsed: false,
    deletedAt: null,
    verdict: 'within',
    bottles: {},
    review: null,
    beforeLedger: true,
    updatedAt: at,
  };
  const log = [{ event: dropNow, at: [at] }];
  expect(await db.batches.toArray()).toEqual([
    { ...batch, ...added, personId: 'ines', materials: [jasmine, figure], log },
  ]);
  // The batch is finished: what happened at its bench stands in its record.
  expect(await db.benchEvents.count()).toBe(0);
  expect(await wayBack(db, 'batches')).toEqual([
    { ...batch, ...added, personId: 'ines', materials: [jasmine], log: [] },
  ]);
});

test('version 7 opens: drafts are recipes, and every amount and word of them is there', async () => {
  const old = new Dexie('seventh');
  old.version(7).stores({
    ...version1.stores,
    people: 'id',
    snapshots: 'id',
    drafts: 'id, blendId',
    materials: 'id',
    bottles: 'id',
    vessels: 'id',
  });
  const { events, ...others } = version7;
  for (const [table, rows] of Object.entries({ ...others, events })) {
    await old.table(table).bulkAdd(rows);
  }
  await old
    .table('snapshots')
    .add({ id: 'last', at: '2026-11-25T10:00:00.000Z', why: 'before', house: version7 });
  old.close();

  const db = openDatabase('seventh');
  for (const [table, rows] of Object.entries(version7Now)) {
    expect([table, await db.table(table).toArray()]).toEqual([table, rows]);
  }
  for (const [table, rows] of Object.entries(version7Now)) {
    expect([table, await wayBack(db, table)]).toEqual([table, rows]);
  }
  expect(await db.snapshots.get('last')).toMatchObject({ why: 'before', whole: true });
  // What is stored now is what is written now, so that the next change of it is not refused.
  for (const { recipe } of await db.blends.toArray())
    expect(recipeSchema.parse(recipe)).toEqual(recipe);
  await batchStore(db).mend();
  expect(await batchStore(db).events('batch-footlight')).toHaveLength(1);
});

test('version 6 with everything in it opens: every record is of today’s form, every event is there', async () => {
  const old = new Dexie('sixth-whole');
  old.version(6).stores({
    ...version1.stores,
    people: 'id',
    snapshots: 'id',
    drafts: 'id, blendId',
    materials: 'id',
    bottles: 'id',
    vessels: 'id',
  });
  for (const [table, rows] of Object.entries(version6)) await old.table(table).bulkAdd(rows);
  await old
    .table('snapshots')
    .add({ id: 'last', at: '2026-11-20T10:00:00.000Z', why: 'before', house: version6 });
  old.close();

  const db = openDatabase('sixth-whole');
  const forms = await formsOfAll();
  for (const table of tables) {
    const rows = await db.table(table).toArray();
    expect([table, rows.filter((row) => !forms[table].safeParse(row).success)]).toEqual([
      table,
      [],
    ]);
    const inOrder = (list: readonly unknown[]) => list.map((row) => JSON.stringify(row)).sort();
    expect([table, inOrder(await wayBack(db, table))]).toEqual([table, inOrder(rows)]);
  }
  const counts = tables.map(async (table) => [table, await db.table(table).count()] as const);
  expect(Object.fromEntries(await Promise.all(counts))).toEqual({
    blends: 1,
    drafts: 1,
    batches: 2,
    people: 1,
    materials: 2,
    bottles: 1,
    vessels: 1,
    movements: 0,
    recipients: 0,
    patchTests: 0,
    photos: 0,
    settings: 2,
    // Those of the batch on the bench alone.
    benchEvents: 4,
  });

  const log = batchStore(db);
  const kinds = async (id: string) => (await log.events(id)).map(({ kind }) => kind);
  const told = (id: string) =>
    version6.events.filter(({ batchId }) => batchId === id).map(({ event }) => event);
  for (const id of ['finished', 'open']) {
    expect(await kinds(id)).toEqual(told(id).map((event) => (event as { kind: string }).kind));
  }
  const moments = (await log.log('finished')).map(({ at }) => at);
  expect(moments).toEqual(
    version6.events.filter(({ batchId }) => batchId === 'finished').map(({ at }) => at),
  );
  // 3 fell, 1 was taken back, 2 more: 4, in a larger bottle, with a reason.
  const tally = tallyOf(await log.events('finished'));
  expect(tally.drops.get('count/0/lavender')).toBe(4);
  expect(tally.movedTo.get(0)).toBe('roll-on-15');
  expect(tally.reasons[0]?.words).toBe('worn for one evening');
  // It goes on from there.
  await log.record('open', [{ kind: 'discarded', container: 1 }]);
  expect((await log.log('open')).map(({ seq }) => seq)).toEqual([1, 2, 3, 4, 5]);
});

test('version 9 opens: blends have room for tags, those of the way back too', async () => {
  const at = '2026-11-26T10:00:00.000Z';
  const [blend] = version7Now.blends;
  const { favourite: _favourite, tags: _tags, ...before } = blend!;
  const old = new Dexie('ninth');
  old.version(9).stores({
    blends: 'id, updatedAt, deletedAt, recipe.name, recipe.purpose',
    batches: 'id',
    benchEvents: '[batchId+seq]',
    settings: 'key',
    people: 'id',
    drafts: 'id',
    materials: 'id',
    bottles: 'id',
    vessels: 'id',
    snapshots: 'id',
    wayBack: '++n',
  });
  await old.table('blends').add(before);
  await old.table('snapshots').add({ id: 'last', at, why: 'before', whole: false });
  await old.table('wayBack').bulkAdd([
    { table: 'blends', key: before.id, record: before },
    { table: 'blends', key: 'new', record: null },
  ]);
  old.close();

  const db = openDatabase('ninth');
  expect(await db.blends.toArray()).toEqual([blend]);
  expect((await db.wayBack.toArray()).map(({ record }) => record)).toEqual([blend, null]);
});

test('version 11 opens: what was left in a bottle is what its ledger begins with', async () => {
  const old = new Dexie('eleventh');
  old
    .version(11)
    .stores({ bottles: 'id', batches: 'id, &number', snapshots: 'id', wayBack: '++n' });
  await old.table('bottles').add(version11.bottle);
  await old.table('batches').add(version11.batch);
  await old.table('snapshots').add({ id: 'last', at: '2026-11-25T10:00:00.000Z', why: 'before' });
  await old.table('wayBack').add({ table: 'bottles', key: 'lavender-1', record: version11.bottle });
  old.close();

  const db = openDatabase('eleventh');
  const forms = await formsOfAll();
  const { left, ...bottle } = version11.bottle.bottle;
  const lifted = {
    ...version11.bottle,
    bottle: { ...bottle, atStart: left, boughtOn: null, first: false },
  };
  expect(await db.bottles.toArray()).toEqual([lifted]);
  expect(forms.bottles.safeParse(lifted).success).toBe(true);
  expect(await wayBack(db, 'bottles')).toEqual([lifted]);
  expect(await db.batches.get('batch-1')).toEqual({
    ...version11.batch,
    review: null,
    beforeLedger: true,
  });
  // What the batch took was typed over long ago: judged anew, it takes nothing once more.
  await batchStore(db).mend();
  expect((await db.batches.get('batch-1'))?.made).not.toBeNull();
  expect(await db.movements.count()).toBe(0);
});

test('version 12 opens: all is there as it was, and there is room for photographs', async () => {
  const old = new Dexie('twelfth');
  old.version(12).stores({ blends: 'id', patchTests: 'id', snapshots: 'id', wayBack: '++n' });
  const [blend] = version7Now.blends;
  await old.table('blends').add(blend);
  old.close();

  const db = openDatabase('twelfth');
  expect(await db.blends.toArray()).toEqual([blend]);
  expect(await db.photos.toArray()).toEqual([]);
});
