import 'fake-indexeddb/auto';
import { wearerOn } from '@jubbet/core/brief';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { openDatabase, type Database } from './database';
import { patchTestsStore } from './patchTests';
import { reactedBatches, reactionsToFollow } from './reactions';
import { recipientsStore } from './recipients';
import { seedOnce } from './seed.testing';

let serial = 0;
let db: Database;
const noon = new Date('2026-11-26T12:00:00.000Z');

beforeEach(async () => {
  serial += 1;
  db = openDatabase(`tests-${serial}`);
  await seedOnce(db, '2026-11-26');
  vi.useFakeTimers({ toFake: ['Date'], now: noon });
});
afterEach(() => {
  vi.useRealTimers();
});

const later = (hours: number): void => {
  vi.setSystemTime(new Date(noon.getTime() + hours * 3_600_000));
};

const batchId = 'batch-curtain-call';
const onInes = {
  of: { kind: 'batch', batchId, number: '2026-024', name: 'Curtain call' },
  personId: 'ines',
  personName: 'Ines',
} as const;
const give = (part: { personId?: string | null; name?: string } = {}) =>
  recipientsStore(db).add({
    ...{ batchId, pieces: 1, which: '', on: '2026-11-26' },
    ...{ personId: 'ines', name: 'Ines', ...part },
  });
const clear = { skin: 'clear', words: '' } as const;

describe('a batch is not given to whom it is tested on until it is read clear', () => {
  test('neither by who they are, nor by a typed name; others may have it', async () => {
    const tests = patchTestsStore(db);
    const id = await tests.begin(onInes);
    await expect(give()).rejects.toMatchObject({
      code: 'not-cleared',
      params: { clearance: 'not-read' },
    });
    await expect(give({ personId: null, name: 'ines ' })).rejects.toMatchObject({
      code: 'not-cleared',
      params: { clearance: 'not-read' },
    });
    await give({ personId: null, name: 'A friend' });
    later(24);
    await tests.read(id, { ...clear, hours: 24 });
    await expect(give()).rejects.toMatchObject({
      code: 'not-cleared',
      params: { clearance: 'not-read' },
    });
    later(48);
    await tests.read(id, { ...clear, hours: 48 });
    await give();
    expect(
      (await recipientsStore(db).ofPerson('ines')).map(({ recipient }) => recipient.batchId),
    ).toContain(batchId);
  });

  test.each([
    'INES',
    'Ine\u0301s',
    'I\u200bnes',
    '\u00a0Ines\u2003',
    'Ｉｎｅｓ',
    '\u0406n\u0435\u0455',
  ])('nor by the name spelled %j', async (name) => {
    await patchTestsStore(db).begin(onInes);
    await expect(give({ personId: null, name })).rejects.toMatchObject({ code: 'not-cleared' });
  });

  test('a name in which nothing can be seen is none', async () => {
    await expect(give({ personId: null, name: '\u200b\u2060' })).rejects.toThrow();
  });

  test('nor by undoing a removal, after a test was begun', async () => {
    const id = await give();
    await recipientsStore(db).remove(id);
    await patchTestsStore(db).begin(onInes);
    await expect(recipientsStore(db).restore(id)).rejects.toMatchObject({
      code: 'not-cleared',
      params: { clearance: 'not-read' },
    });
  });

  test('nor by stopping the test', async () => {
    const tests = patchTestsStore(db);
    await tests.stop(await tests.begin(onInes), 'it fell off');
    await expect(give()).rejects.toMatchObject({
      code: 'not-cleared',
      params: { clearance: 'again' },
    });
  });

  test('a reading is not saved before its time, twice, or for a batch on the bench', async () => {
    const tests = patchTestsStore(db);
    const id = await tests.begin(onInes);
    await expect(tests.read(id, { ...clear, hours: 48 })).rejects.toMatchObject({
      code: 'reading-too-early',
    });
    later(24);
    await tests.read(id, { ...clear, hours: 24 });
    await expect(tests.read(id, { ...clear, hours: 24 })).rejects.toMatchObject({
      code: 'reading-saved',
    });
    await expect(
      recipientsStore(db).add({
        ...{ batchId: 'batch-prompt-desk', pieces: 1, which: '', on: '2026-11-26' },
        ...{ personId: null, name: 'A friend' },
      }),
    ).rejects.toMatchObject({ code: 'batch-on-bench' });
  });
});

test('a reaction to a blend is suspected of each material; alone, one is an allergy, one is let go', async () => {
  const tests = patchTestsStore(db);
  const id = await tests.begin(onInes);
  await tests.read(id, { hours: 0, skin: 'red', words: 'itched' });
  const ines = async () => wearerOn((await db.people.get('ines'))!.person, '2026-11-26');
  const contents = (await db.batches.get(batchId))!.made!.contents!;
  const inIt = [
    ...new Set(contents.flatMap(({ oils, bases }) => [...oils, ...bases].map((entry) => entry.id))),
  ];
  expect((await ines()).suspected).toEqual(inIt);
  const [guilty = '', innocent = ''] = inIt;
  const alone = (materialId: string) =>
    tests.begin({
      of: { kind: 'material', materialId, name: materialId },
      personId: 'ines',
      personName: 'Ines',
    });
  const [bad, good] = [await alone(guilty), await alone(innocent)];
  later(48);
  await tests.read(bad, { hours: 48, skin: 'raised', words: '' });
  await tests.read(good, { ...clear, hours: 48 });
  expect((await ines()).allergies).toContain(guilty);
  expect((await ines()).suspected).toEqual(
    inIt.filter((text) => text !== guilty && text !== innocent),
  );
  await expect(give()).rejects.toMatchObject({
    code: 'not-cleared',
    params: { clearance: 'reacted' },
  });
});

test('a name that is typed is whoever bears it in the house, in any letters', async () => {
  const { name } = (await db.people.get('ines'))!.person;
  const begun = async (personName: string) =>
    (await db.patchTests.get(
      await patchTestsStore(db).begin({ ...onInes, personId: null, personName }),
    ))!.test.personId;
  expect(await begun(` ${name.toUpperCase()} `)).toBe('ines');
  expect(await begun('Somebody from the stalls')).toBeNull();
});

describe('who got some of a batch', () => {
  const friend = (pieces: number, name = 'A friend') =>
    recipientsStore(db).add({
      ...{ batchId, personId: null, name, which: '', on: '2026-11-26' },
      pieces,
    });

  test('nobody gets more pieces than came out', async () => {
    await expect(friend(1000)).rejects.toMatchObject({ code: 'more-than-made' });
    const { params } = (await friend(1000).catch((error: unknown) => error)) as {
      params: { left: number; made: number };
    };
    expect(params.left).toBeLessThanOrEqual(params.made);
    await friend(params.left);
    await expect(friend(1)).rejects.toMatchObject({ code: 'more-than-made', params: { left: 0 } });
  });

  test('a reaction is a task until it is followed, stays with them and holds the batch back', async () => {
    const given = recipientsStore(db);
    const id = await given.add({
      ...{ batchId, pieces: 1, which: '', on: '2026-11-26', personId: null },
      name: 'ines',
    });
    await given.react(id, 'red wrists');
    expect(await reactionsToFollow(db)).toMatchObject([{ id, name: 'ines', what: 'red wrists' }]);
    expect(await reactedBatches(db)).toContain(batchId);
    const suspected = (await db.people.get('ines'))?.person.reactions ?? [];
    expect(suspected.length).toBeGreaterThan(1);
    expect(suspected.every((reaction) => reaction.suspected)).toBe(true);
    await expect(give()).rejects.toMatchObject({
      code: 'not-cleared',
      params: { clearance: 'reacted' },
    });
    await given.follow(id);
    expect(await reactionsToFollow(db)).toEqual([]);
    expect(await reactedBatches(db)).toContain(batchId);
  });
});
