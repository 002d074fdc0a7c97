import 'fake-indexeddb/auto';
import type { BenchEvent } from '@jubbet/core/making';
import { beforeEach, expect, test } from 'vitest';
import { batchStore } from './batches';
import { runningClocks } from './clocks';
import { openDatabase, type Database } from './database';
import { seedOnce } from './seed.testing';
import { writeStepWords } from './stepWords';

let db: Database;
beforeEach(async () => {
  db = openDatabase(`clocks-${Math.random()}`);
  await seedOnce(db, '2026-11-25');
});

const clock = (timerId: string, endsAt: string): BenchEvent => ({
  kind: 'timer',
  timerId,
  step: null,
  startedAt: '2026-11-25T10:00:00.000Z',
  endsAt,
  words: 'Mix it again',
});

test('clocks of all batches on the bench are told of, the next to be over first', async () => {
  const store = batchStore(db);
  await store.record('batch-prompt-desk', [clock('late', '2026-11-25T12:00:00.000Z')]);
  await store.record('batch-prompt-desk', [clock('soon', '2026-11-25T11:00:00.000Z')]);
  expect((await runningClocks(db)).map(({ timerId, of }) => [timerId, of])).toEqual([
    ['soon', 'Prompt desk'],
    ['late', 'Prompt desk'],
  ]);
  await store.record('batch-prompt-desk', [{ kind: 'timer-off', timerId: 'soon' }]);
  expect((await runningClocks(db)).map(({ timerId }) => timerId)).toEqual(['late']);
});

test('what is told beside the work opens no batch again that is finished', async () => {
  const store = batchStore(db);
  const id = 'batch-raffle-table';
  const before = await store.get(id);
  expect(before?.finishedAt).not.toBeNull();
  await store.record(id, [{ kind: 'smelled', when: 'next-day', words: 'softer' }]);
  const after = await store.get(id);
  expect(after?.finishedAt).toBe(before?.finishedAt);
  expect(after?.made).toEqual(before?.made);
  expect((await store.events(id)).at(-1)).toMatchObject({ kind: 'smelled', words: 'softer' });
  // Anything else is refused: a finished batch is closed.
  await expect(
    store.record(id, [{ kind: 'order', first: 'carrier', rounds: false }]),
  ).rejects.toMatchObject({ code: 'batch-finished' });
});

test('a broken log takes no clock of another batch with it', async () => {
  const store = batchStore(db);
  await store.record('batch-prompt-desk', [clock('mine', '2026-11-25T12:00:00.000Z')]);
  await db.batches.update('batch-raffle-table', {
    log: 'torn' as never,
    finishedAt: new Date().toISOString(),
  });
  expect((await runningClocks(db)).map(({ timerId }) => timerId)).toEqual(['mine']);
});

test('a batch begins in the order in which the maker works', async () => {
  await db.settings.bulkPut([
    { key: 'benchFirst', value: 'carrier' },
    { key: 'benchRounds', value: true },
  ]);
  const { workOut } = await import('@jubbet/core/drops');
  const { shippedCatalog } = await import('@jubbet/core/catalog');
  const recipe = (await db.blends.get('row-g'))!.recipe;
  const worked = workOut(shippedCatalog, recipe);
  if (worked.state !== 'done') throw new Error('the example does not work out');
  const id = await batchStore(db).start({
    blendId: 'row-g',
    recipe,
    blend: worked.blend,
    evaluation: worked.evaluation,
    reason: 'a reason in words',
  });
  expect(await batchStore(db).events(id)).toEqual([
    { kind: 'order', first: 'carrier', rounds: true },
  ]);
});

test('words beside a step are in the batch and in its blend, and are taken out of both', async () => {
  const words = async () => [
    (await batchStore(db).get('batch-prompt-desk'))?.file,
    (await db.blends.get('prompt-desk'))?.recipe.stepWords,
  ];
  await writeStepWords('batch-prompt-desk', 'count/cardamom', 'the blue cap', db);
  expect(await words()).toMatchObject([
    { steps: { 'count/cardamom': 'the blue cap' } },
    { 'count/cardamom': 'the blue cap' },
  ]);
  await writeStepWords('batch-prompt-desk', 'count/cardamom', '', db);
  const [file, recipe] = await words();
  expect(file).not.toHaveProperty('steps');
  expect(recipe).toEqual({});
  // The blend may be gone: the batch keeps its words.
  await db.blends.delete('prompt-desk');
  await writeStepWords('batch-prompt-desk', 'count/cardamom', 'again', db);
  expect((await words())[0]).toMatchObject({ steps: { 'count/cardamom': 'again' } });
});
