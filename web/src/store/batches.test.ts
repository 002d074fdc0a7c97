import 'fake-indexeddb/auto';
import { bottleOf } from './bottle.testing';
import { shippedCatalog, type Catalog } from '@jubbet/core/catalog';
import { workOut } from '@jubbet/core/drops';
import { emptyRecipe, type Recipe } from '@jubbet/core/recipe';
import {
  doneAt,
  dropAt,
  packLog,
  reopenedAt,
  stepsOf,
  type BenchEvent,
  type Step,
} from '@jubbet/core/making';
import { settleProblemWords } from '@jubbet/core/words';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { batchStore } from './batches';
import { bottlesStore } from './bottles';
import { openDatabase, type Database } from './database';
import { houseStore } from './house';
import { fileOfHouse, writtenHouse } from './houseFile.testing';
import { readCatalog } from './houseCatalog';
import { madeBlend } from './madeBlend';
import { materialsStore } from './materials';
import { hedgeBlossom as jasmine } from './hedgeBlossom.testing';

let serial = 0;
let db: Database;

beforeEach(() => {
  serial += 1;
  db = openDatabase(`batches-${serial}`);
});
afterEach(() => {
  vi.useRealTimers();
});

const child = {
  ageMonths: 36,
  pregnant: false,
  breastfeeding: false,
  conditions: [],
  allergies: [],
  skin: 'normal' as const,
};

const recipe = (changes: Partial<Recipe> = {}): Recipe => ({
  ...emptyRecipe(),
  name: 'Trial',
  brief: { ...emptyRecipe().brief, wearer: child, place: 'body-leave-on' },
  oils: [{ id: 'lavender', amount: { unit: 'drops', value: 1 } }],
  bases: [{ id: 'jojoba', amount: { unit: 'parts', value: 1 } }],
  ...changes,
});

const begin = async (given = recipe(), catalog: Catalog = shippedCatalog) => {
  const worked = workOut(catalog, given);
  if (worked.state !== 'done') throw new Error(JSON.stringify(worked));
  const { blend, evaluation } = worked;
  const id = await batchStore(db).start({
    blendId: 'b',
    recipe: given,
    blend,
    evaluation,
    reason: '',
  });
  return { id, steps: stepsOf(blend, evaluation.mixture) };
};

const drop: BenchEvent = {
  kind: 'drop',
  step: 'count/0/lavender',
  container: 0,
  ingredient: 'lavender',
  bottleId: null,
  source: 'tap',
  drops: 1,
};
const drops = (count: number): BenchEvent[] => Array.from({ length: count }, () => drop);
const done = (step: string): BenchEvent => doneAt(step, 'tap');

/** Everything that is asked for, step by step. */
const walked = (steps: readonly Step[]): BenchEvent[] =>
  steps.flatMap((step) => [
    ...(step.kind === 'count'
      ? Array.from({ length: step.drops }, () => dropAt(step, { source: 'tap', bottleId: null }))
      : []),
    done(step.id),
  ]);

describe('a bottle that must not be used', () => {
  test('does not go on, at this step or a later one, by whatever way', async () => {
    const log = batchStore(db);
    const { id, steps } = await begin();
    await log.record(id, [done('wipe'), done('lay-out')]);
    await log.record(id, drops(12));
    await expect(log.record(id, [done('count/0/lavender')])).rejects.toMatchObject({
      code: 'batch-blocked',
    });
    // Nor with more drops asked for, a reason, or all steps at once.
    await log.record(id, [{ kind: 'asked', step: 'count/0/lavender', drops: 12 }]);
    const reason: BenchEvent = { kind: 'reason', step: 's', words: 'she said so', over: [] };
    await expect(
      log.record(id, [reason, ...steps.map((step) => done(step.id))]),
    ).rejects.toMatchObject({ code: 'batch-blocked' });
    expect(await log.get(id)).toMatchObject({ finishedAt: null, made: null });
  });

  test('is finished only as not to be used, and stays closed after that', async () => {
    const log = batchStore(db);
    const { id } = await begin();
    await log.record(id, drops(12));
    await log.finishAsNotToBeUsed(id);
    expect(await log.get(id)).toMatchObject({
      notToBeUsed: true,
      made: { verdict: 'over', blocking: true },
    });
    await expect(log.record(id, [drop])).rejects.toMatchObject({ code: 'batch-not-to-be-used' });
    await expect(log.record(id, [reopenedAt('wipe', 'tap')])).rejects.toThrow();
  });

  test('is not mended into a finished one', async () => {
    const { id, steps } = await begin();
    const at = '2026-11-25T10:00:00.000Z';
    const all = [...drops(12), ...steps.map((step) => done(step.id))];
    await db.benchEvents.bulkAdd(all.map((event, n) => ({ batchId: id, seq: n + 1, at, event })));
    await batchStore(db).mend();
    expect((await batchStore(db).get(id))?.finishedAt).toBeNull();
  });
});

describe('the end of a batch', () => {
  test('comes with the last step, in one act, with what came of it', async () => {
    const log = batchStore(db);
    const { id, steps } = await begin();
    await log.record(id, drops(1));
    for (const [n, step] of steps.entries()) {
      expect(await log.record(id, [done(step.id)])).toBe(n === steps.length - 1);
    }
    expect(await log.get(id)).toMatchObject({
      finishedAt: expect.any(String),
      made: {
        verdict: 'within',
        blocking: false,
        percent: [expect.closeTo(0.526, 3), expect.any(Number)],
      },
    });
  });

  test('broken off by an older Jubbet it is made up for', async () => {
    const log = batchStore(db);
    const { id, steps } = await begin();
    const at = '2026-11-25T10:00:00.000Z';
    const all = [drop, ...steps.map((step) => done(step.id))];
    await db.benchEvents.bulkAdd(all.map((event, n) => ({ batchId: id, seq: n + 1, at, event })));
    expect((await log.get(id))?.finishedAt).toBeNull();
    await log.mend();
    expect(await log.get(id)).toMatchObject({
      finishedAt: expect.any(String),
      made: { verdict: 'within' },
    });
  });

  test('finished it is closed: no press opens it; a correction adds, with a reason', async () => {
    const log = batchStore(db);
    const { id, steps } = await begin();
    await log.record(id, [drop, ...steps.map((step) => done(step.id))]);
    const before = await log.get(id);
    for (const press of [reopenedAt('count/0/lavender', 'tap'), drop]) {
      await expect(log.record(id, [press])).rejects.toMatchObject({ code: 'batch-finished' });
    }
    expect(await log.get(id)).toEqual(before);
    await log.amend(id, [
      {
        kind: 'corrected',
        step: 'count/0/lavender',
        container: 0,
        ingredient: 'lavender',
        amount: { unit: 'drops', value: 3 },
        words: 'it was three, not one',
      },
    ]);
    const after = await log.get(id);
    expect(after?.finishedAt).toBe(before?.finishedAt);
    expect(after?.made?.contents?.[0]?.oils[0]).toMatchObject({ id: 'lavender', drops: 3 });
    // The drop that was counted is still in the log, beside what corrects it.
    expect((await log.events(id)).filter(({ kind }) => kind === 'drop')).toHaveLength(1);
  });
});

describe('a batch number', () => {
  test('never comes again, whatever was deleted', async () => {
    const log = batchStore(db);
    const first = await begin();
    const second = await begin();
    const number = (await log.get(second.id))?.number;
    await log.remove(second.id);
    const third = await begin();
    expect((await log.get(third.id))?.number).not.toBe(number);
    // Undone in another tab, long after: both are there.
    await log.restore(second.id);
    expect((await log.ids()).sort()).toEqual([first.id, second.id, third.id].sort());
  });

  test('does not come again after an older backup took the place of all', async () => {
    const log = batchStore(db);
    await begin();
    const bytes = await writtenHouse(db);
    const later = await begin();
    const number = (await log.get(later.id))?.number;
    const read = await fileOfHouse(db, bytes);
    await houseStore(db).importHouse(read, 'replace');
    const next = await begin();
    expect((await log.get(next.id))?.number).not.toBe(number);
  });

  test('of a hostile file does not stop the next one', async () => {
    const { id } = await begin();
    await db.batches.update(id, { number: `${new Date().getFullYear()}-9007199254740991` });
    const next = await begin();
    expect((await batchStore(db).get(next.id))?.number).toMatch(/^\d{4}-\d{3}$/);
  });
});

describe('a batch carries what it was made of', () => {
  const own = recipe({
    brief: { ...recipe().brief, wearer: { ...child, ageMonths: 480 } },
    oils: [{ id: 'own-hedge-blossom', amount: { unit: 'drops', value: 2 } }],
  });
  const beginOwn = async () => begin(own, await readCatalog(db));

  test('and is still read after an oil of one’s own was deleted', async () => {
    await materialsStore(db).put(jasmine);
    const { id } = await beginOwn();
    await materialsStore(db).remove(jasmine.id);
    const batch = await batchStore(db).get(id);
    expect(batch?.materials).toEqual([jasmine]);
    expect(madeBlend(shippedCatalog, batch!).formula.oils[0]?.oil.name).toBe('Hedge blossom');
    // A sheet with it says so by its name, and what to do.
    const catalog = await readCatalog(db);
    const worked = workOut(catalog, own);
    expect(
      worked.state === 'problem' ? settleProblemWords(catalog, worked.problem) : worked.state,
    ).toMatch(/“Hedge blossom” was deleted from your materials/);
  });

  test('with the figures of that day', async () => {
    await materialsStore(db).put(jasmine);
    const { id } = await beginOwn();
    await materialsStore(db).put({ ...jasmine, maximumPercent: 0.1 });
    const batch = await batchStore(db).get(id);
    expect(madeBlend(shippedCatalog, batch!).formula.oils[0]?.oil.dermalMaximum.percent).toBe(5);
  });

  test('out and in again in a browser that has never seen it', async () => {
    await materialsStore(db).put(jasmine);
    const { id } = await beginOwn();
    const bytes = await writtenHouse(db);
    const fresh = openDatabase(`batches-${serial}-fresh`);
    const read = await fileOfHouse(fresh, bytes);
    expect(read.leftOut).toEqual([]);
    await houseStore(fresh).importHouse(read, 'add');
    const there = await batchStore(fresh).get(id);
    expect(madeBlend(shippedCatalog, there!).formula.oils[0]?.oil.name).toBe('Hedge blossom');
  });
});

test('what a file says came of a batch is not believed: its events are judged', async () => {
  const { id } = await begin();
  const at = '2026-11-25T10:00:00.000Z';
  const log = packLog(drops(12).map((event, n) => ({ seq: n + 1, at, event })));
  await db.batches.update(id, {
    finishedAt: at,
    log,
    made: {
      verdict: 'within',
      blocking: false,
      percent: [0.5, 0.5],
      bestBefore: '2027-11-25',
      judgedOn: '2026-11-25',
      contents: null,
    },
  });
  const bytes = await writtenHouse(db);
  const other = openDatabase(`batches-${serial}-other`);
  const read = await fileOfHouse(other, bytes);
  await houseStore(other).importHouse(read, 'add');
  await batchStore(other).mend();
  expect((await batchStore(other).get(id))?.made).toMatchObject({
    verdict: 'over',
    blocking: true,
  });
});

const bottle = bottleOf({});

test('a batch says which bottles of the shelf it was made from, by id and lot', async () => {
  const id = await bottlesStore(db).add(bottle);
  const begun = await begin(recipe(), await readCatalog(db));
  expect((await db.batches.get(begun.id))?.bottles).toEqual({ lavender: { id, lot: 'LV-9' } });
});

describe('what a batch took', () => {
  const leftOf = async (id: string) => (await bottlesStore(db).get(id))?.bottle.left;
  /** A batch with a drop of lavender, of 0.05 ml, out of a bottle with 8 ml. */
  const finished = async () => {
    const id = await bottlesStore(db).add(bottle);
    const { id: batchId, steps } = await begin(recipe(), await readCatalog(db));
    for (const event of walked(steps)) await batchStore(db).record(batchId, [event]);
    return { id, batchId, steps };
  };

  test('goes off the shelf when it is finished, and not before', async () => {
    const id = await bottlesStore(db).add(bottle);
    const { id: batchId, steps } = await begin(recipe(), await readCatalog(db));
    const events = walked(steps);
    for (const event of events.slice(0, -1)) await batchStore(db).record(batchId, [event]);
    expect(await leftOf(id)).toBe(8);
    await batchStore(db).record(batchId, events.slice(-1));
    expect(await leftOf(id)).toBeCloseTo(7.95, 4);
  });

  test('follows a correction, and moves no bottle that it does not touch', async () => {
    const { id, batchId, steps } = await finished();
    const count = steps.find(({ kind }) => kind === 'count');
    if (count?.kind !== 'count') throw new Error('nothing is counted');
    const lines = await db.movements.count();
    const correct = (value: number) =>
      batchStore(db).amend(batchId, [
        {
          kind: 'corrected',
          step: count.id,
          container: 0,
          ingredient: count.oilId,
          amount: { unit: 'drops', value },
          words: 'counted again',
        },
      ]);
    // Two drops of 0.05 ml in place of one; one line is undone, and one is new.
    await correct(2);
    expect(await leftOf(id)).toBeCloseTo(7.9, 4);
    expect(await db.movements.count()).toBe(lines + 2);
    // The same again moves nothing.
    await correct(2);
    expect(await db.movements.count()).toBe(lines + 2);
  });

  test('stays used where the batch is deleted but was made, and comes back where it was not', async () => {
    const { id, batchId } = await finished();
    await batchStore(db).remove(batchId, true);
    expect(await leftOf(id)).toBeCloseTo(7.95, 4);
    await batchStore(db).restore(batchId);
    expect(await leftOf(id)).toBeCloseTo(7.95, 4);
    await batchStore(db).remove(batchId, false);
    expect(await leftOf(id)).toBe(8);
    await batchStore(db).restore(batchId);
    expect(await leftOf(id)).toBeCloseTo(7.95, 4);
  });

  test('is gone with a batch that was deleted on the bench, where it was made', async () => {
    const id = await bottlesStore(db).add(bottle);
    const { id: batchId, steps } = await begin(recipe(), await readCatalog(db));
    for (const event of walked(steps).slice(0, -1)) await batchStore(db).record(batchId, [event]);
    await batchStore(db).remove(batchId, true);
    expect(await leftOf(id)).toBeCloseTo(7.95, 4);
  });

  test('is counted once, however often it is mended, exported and imported', async () => {
    const { id } = await finished();
    await houseStore(db).importHouse(await fileOfHouse(db, await writtenHouse(db)), 'replace');
    await batchStore(db).mend();
    expect(await leftOf(id)).toBeCloseTo(7.95, 4);
    await houseStore(db).importHouse(await fileOfHouse(db, await writtenHouse(db)), 'add');
    await batchStore(db).mend();
    expect(await leftOf(id)).toBeCloseTo(7.95, 4);
  });

  test('follows what was added after the end, with a new verdict', async () => {
    const { id, batchId } = await finished();
    const before = await batchStore(db).get(batchId);
    await batchStore(db).amend(batchId, [
      {
        kind: 'amended',
        container: 0,
        ingredient: 'lavender',
        bottleId: id,
        amount: { unit: 'drops', value: 3 },
        words: 'too weak',
      },
    ]);
    const after = await batchStore(db).get(batchId);
    expect(after?.finishedAt).toBe(before?.finishedAt);
    expect(after?.made?.percent?.[0]).toBeCloseTo(4 * (before?.made?.percent?.[0] ?? 0), 1);
    expect(await leftOf(id)).toBeCloseTo(7.8, 4);
    // What was there before is still in its log.
    expect((await batchStore(db).events(batchId)).at(-1)?.kind).toBe('amended');
  });
});
