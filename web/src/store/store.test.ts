import 'fake-indexeddb/auto';
import { shippedCatalog } from '@jubbet/core/catalog';
import { workOut } from '@jubbet/core/drops';
import { emptyRecipe, type Recipe } from '@jubbet/core/recipe';
import { wearerOn } from '@jubbet/core/brief';
import { beforeEach, describe, expect, test, vi } from 'vitest';
import { doneAt } from '@jubbet/core/making';
import { batchStore } from './batches';
import { blendStore } from './blends';
import { openDatabase, type Database } from './database';
import { draftStore } from './drafts';
import { exampleHouse } from './example';
import { houseStore } from './house';
import { seedOnce } from './seed.testing';
import { plannedRecipe } from './madeBlend';
import { peopleStore } from './people';
import { settingsStore } from './settings';

let serial = 0;
let db: Database;

beforeEach(() => {
  serial += 1;
  db = openDatabase(`test-${serial}`);
});

const recipe = (change: Partial<Recipe> = {}): Recipe => ({
  ...emptyRecipe(),
  name: 'Trial',
  brief: { ...emptyRecipe().brief, wearer: 'anyone', place: 'pulse-points' },
  oils: [{ id: 'lavender', amount: { unit: 'drops', value: 2 } }],
  bases: [{ id: 'jojoba', amount: { unit: 'parts', value: 1 } }],
  ...change,
});

const done = (given: Recipe) => {
  const worked = workOut(shippedCatalog, given);
  if (worked.state !== 'done') throw new Error(worked.state);
  return worked;
};

describe('the book of blends', () => {
  test('what is written is read back, and a recipe that breaks the schema is refused whole', async () => {
    const blends = blendStore(db);
    const id = await blends.add(recipe());
    await blends.write(id, recipe({ name: 'Second' }), 1);
    expect((await blends.get(id))?.recipe).toEqual(recipe({ name: 'Second' }));
    const broken = recipe({ oils: [{ id: 'lavender', amount: { unit: 'drops', value: -1 } }] });
    await expect(blends.write(id, broken, 2)).rejects.toThrow();
    expect((await blends.get(id))?.recipe.name).toBe('Second');
  });

  test('a write that another tab overtook changes nothing, and is told', async () => {
    const blends = blendStore(db);
    const id = await blends.add(recipe());
    const [mine, theirs] = await Promise.all([
      blends.write(id, recipe({ name: 'Mine' }), 1),
      blends.write(id, recipe({ name: 'Theirs' }), 1),
    ]);
    expect([mine.overtaken, theirs.overtaken]).toEqual([false, true]);
    expect(theirs.recipe.name).toBe('Mine');
    expect((await blends.get(id))?.recipe.name).toBe('Mine');
  });

  test('deleting hides a blend, and undo brings it back as it was', async () => {
    const blends = blendStore(db);
    const id = await blends.add(recipe());
    await blends.remove(id);
    expect(await blends.get(id)).toBeNull();
    expect(await blends.list()).toEqual([]);
    await blends.restore(id);
    expect((await blends.get(id))?.recipe).toEqual(recipe());
  });

  test('a copy is a blend of its own', async () => {
    const blends = blendStore(db);
    const id = await blends.add(recipe());
    const copy = await blends.copy(id);
    await blends.write(copy, recipe({ name: 'Changed' }), 1);
    expect((await blends.get(id))?.recipe.name).toBe('Trial');
    expect(await blends.list()).toHaveLength(2);
  });
});

describe('the log', () => {
  const start = (given: Recipe, reason = '') => {
    const { blend, evaluation } = done(given);
    return batchStore(db).start({ blendId: 'b', recipe: given, blend, evaluation, reason });
  };

  test('batches are numbered in turn, even when started at once', async () => {
    await Promise.all([start(recipe()), start(recipe()), start(recipe())]);
    const numbers = (await batchStore(db).names()).map(({ number }) => number?.slice(5)).sort();
    expect(numbers).toEqual(['001', '002', '003']);
  });

  test('a batch freezes the drops that its parts came to', async () => {
    const id = await start(
      recipe({
        target: { percent: 1 },
        oils: [{ id: 'lavender', amount: { unit: 'parts', value: 1 } }],
      }),
    );
    const batch = await batchStore(db).get(id);
    // 1 % of 9.5 ml is 1.9 drops.
    expect(plannedRecipe(batch!).oils).toEqual([
      { id: 'lavender', amount: { unit: 'drops', value: 2 } },
    ]);
    expect(batch?.targetPercent).toBe(1);
  });

  test('each making keeps the blend as a draft, numbered in turn', async () => {
    const id = await start(recipe({ name: 'As it was' }));
    await start(recipe({ name: 'As it is' }));
    const kept = await draftStore(db).list('b');
    expect(kept.map(({ number, recipe: { name } }) => [number, name])).toEqual([
      [2, 'As it is'],
      [1, 'As it was'],
    ]);
    expect(kept[1]?.batchId).toBe(id);
    await draftStore(db).write(kept[1]!.id, { name: 'The green one', good: 'louder' });
    const removed = await draftStore(db).remove(kept[1]!.id);
    expect(removed).toMatchObject({ name: 'The green one', good: 'louder' });
    await draftStore(db).putBack(removed!);
    expect(await draftStore(db).list('b')).toHaveLength(2);
  });

  test('a hard over is refused, a soft one only without a reason', async () => {
    await expect(
      start(recipe({ oils: [{ id: 'rue', amount: { unit: 'drops', value: 1 } }] })),
    ).rejects.toMatchObject({ code: 'blend-blocked' });
    const soft = recipe({ oils: [{ id: 'lavender', amount: { unit: 'drops', value: 5 } }] });
    await expect(start(soft)).rejects.toMatchObject({ code: 'blend-needs-reason' });
    await expect(start(soft, '   ')).rejects.toMatchObject({ code: 'blend-needs-reason' });
    const id = await start(soft, ' asked for ');
    expect((await batchStore(db).get(id))?.reason).toBe('asked for');
  });

  test('events come back in the order in which they fell', async () => {
    const log = batchStore(db);
    const [x, y] = [await start(recipe()), await start(recipe())];
    const events = ['a', 'b', 'c', 'a'].map((step) => doneAt(step, 'tap'));
    await Promise.all(events.map((event) => log.record(x, [event])));
    await log.record(y, [doneAt('wipe', 'tap')]);
    expect(await log.events(x)).toEqual(events);
  });

  test('a batch taken out can be put back with all that happened', async () => {
    const log = batchStore(db);
    const id = await start(recipe());
    await log.record(id, [{ kind: 'discarded', container: 0 }]);
    await log.remove(id);
    expect(await log.get(id)).toBeNull();
    expect(await log.ids()).toEqual([]);
    await log.restore(id);
    expect(await log.get(id)).not.toBeNull();
    expect(await log.events(id)).toHaveLength(1);
    await expect(log.remove('none')).rejects.toMatchObject({ code: 'deleted' });
  });
});

describe('the example house', () => {
  test('is furnished once, and never over what is there', async () => {
    await seedOnce(db, '2026-11-25');
    const blends = blendStore(db);
    expect((await blends.list()).length).toBeGreaterThanOrEqual(4);
    await blends.remove('row-g');
    await seedOnce(db, '2026-11-26');
    expect(await blends.get('row-g')).toBeNull();
  });

  test('arrives whole, or not at all', async () => {
    const house = exampleHouse('2026-11-25');
    await db.patchTests.add(house.patchTests[0]!);
    // A late table has it already: nothing of the rest stays.
    await expect(seedOnce(db, '2026-11-25')).rejects.toThrow();
    expect(await db.blends.count()).toBe(0);
    expect(await db.batches.count()).toBe(0);
    await db.patchTests.clear();
    await seedOnce(db, '2026-11-25');
    expect(await db.batches.count()).toBe(house.batches.length);
    expect(await db.benchEvents.count()).toBe(house.benchEvents.length);
  });

  test('put away, nothing of it arrives later, and the first batch is the first', async () => {
    await seedOnce(db, '2026-11-25');
    await houseStore(db).clearExample();
    await seedOnce(db, '2026-11-25');
    expect(await db.batches.count()).toBe(0);
    expect(await db.containers.count()).toBe(0);
    const { blend, evaluation } = done(recipe());
    const id = await batchStore(db).start({
      ...{ blendId: 'b', recipe: recipe(), blend, evaluation, reason: '' },
    });
    expect((await batchStore(db).get(id))?.number).toMatch(/-001$/);
  });

  test('comes over nothing that somebody has put in, be it one container', async () => {
    await db.containers.add(exampleHouse('2026-11-25').containers[0]!);
    await seedOnce(db, '2026-11-25');
    expect(await db.blends.count()).toBe(0);
  });

  test('leaves a house alone that somebody lives in', async () => {
    await blendStore(db).add(recipe());
    await seedOnce(db, '2026-11-25');
    expect(await blendStore(db).list()).toHaveLength(1);
  });

  test('nothing in it is over or not known, and every batch is of a blend in the book', () => {
    const house = exampleHouse('2026-11-25');
    for (const record of house.blends) {
      expect(['within', 'caution'], record.id).toContain(done(record.recipe).evaluation.verdict);
    }
    const ids = house.blends.map(({ id }) => id);
    for (const { blendId } of house.batches) expect(ids).toContain(blendId);
    expect(new Set(house.batches.map(({ number }) => number)).size).toBe(house.batches.length);
  });

  test('numbers start anew where its batches fall into two years', () => {
    const numbers = exampleHouse('2027-01-10').batches.map(({ number }) => number);
    expect(numbers.filter((number) => number.startsWith('2027')).at(0)).toBe('2027-001');
    expect(new Set(numbers).size).toBe(numbers.length);
  });
});

test('settings that make no sense fall back on the usual ones', async () => {
  const settings = settingsStore(db);
  await settings.write('maker', 'Dorrit');
  await db.settings.put({ key: 'seeded', value: 'perhaps' });
  expect(await settings.read()).toMatchObject({
    maker: 'Dorrit',
    seeded: false,
    singleKeys: true,
    guideline: 'clinical',
  });
});

describe('people', () => {
  const pip = {
    name: 'Pip',
    born: '2020-11',
    pregnant: false,
    breastfeeding: false,
    conditions: [],
    allergies: [],
    skin: 'normal' as const,
  };

  test('a blend for somebody in the house is judged at the age they have today', async () => {
    vi.useFakeTimers({ now: new Date('2026-11-25T12:00:00'), toFake: ['Date'] });
    const personId = await peopleStore(db).add(pip);
    const id = await blendStore(db).add(
      recipe({
        brief: {
          ...recipe().brief,
          wearer: { ...wearerOn(pip, '2020-12-31'), conditions: [], allergies: [] },
          personId,
        },
      }),
    );
    const ageOn = async (day: string) => {
      vi.setSystemTime(new Date(`${day}T12:00:00`));
      const wearer = (await blendStore(db).get(id))?.recipe.brief.wearer;
      return typeof wearer === 'object' ? wearer?.ageMonths : undefined;
    };
    expect(await ageOn('2026-11-25')).toBe(71);
    expect(await ageOn('2026-12-25')).toBe(72);
    vi.useRealTimers();
  });

  test('a person that makes no sense is refused, and the one before stays', async () => {
    const people = peopleStore(db);
    const id = await people.add(pip);
    await expect(people.write(id, { ...pip, born: 'May' })).rejects.toThrow();
    expect((await people.get(id))?.person.born).toBe('2020-11');
    await people.remove(id);
    expect(await people.list()).toEqual([]);
    await people.restore(id);
    expect(await people.list()).toHaveLength(1);
  });
});
