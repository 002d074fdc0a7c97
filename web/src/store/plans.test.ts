import 'fake-indexeddb/auto';
import { afterEach, beforeEach, expect, test } from 'vitest';
import { openDatabase, type Database } from './database';
import { examplePlanId } from './examplePlan';
import { housePace } from './housePace';
import { plansStore } from './plans';
import { seedOnce } from './seed.testing';

let db: Database;

beforeEach(async () => {
  db = openDatabase(`plans ${Math.random()}`);
  await seedOnce(db, '2026-11-25');
});

afterEach(() => db.delete());

test('a plan comes with its blends, and says which are no longer in the book', async () => {
  const plans = plansStore(db);
  await db.blends.update('third-mouse', { deletedAt: '2026-11-26T10:00:00.000Z' });
  const { record, blends } = (await plans.withBlends(examplePlanId))!;
  expect(record.plan.name).toBe('Interval table');
  expect(blends.get('raffle-table')?.recipe.name).toBe('Raffle table');
  expect(blends.get('third-mouse')).toBeNull();
});

test('a blend is planned for its person as they are today, not as they were', async () => {
  await db.people.update('pip', { 'person.skin': 'sensitive' });
  const { blends } = (await plansStore(db).withBlends(examplePlanId))!;
  expect(blends.get('third-mouse')?.recipe.brief.wearer).toMatchObject({ skin: 'sensitive' });
});

test('a plan that cannot be is not written over one that can', async () => {
  const plans = plansStore(db);
  const id = await plans.begin();
  const { plan } = (await plans.get(id))!;
  expect(plan.lines).toEqual([]);
  await expect(plans.write(id, { ...plan, ready: plan.from })).rejects.toThrow();
  expect((await plans.get(id))?.plan).toEqual(plan);
});

test('what is ready last is first in the list; what was deleted comes back', async () => {
  const plans = plansStore(db);
  const later = await plans.begin();
  const { plan } = (await plans.get(later))!;
  await plans.write(later, { ...plan, ready: '2099-01-01T10:00' });
  expect(await plans.ids()).toEqual([later, examplePlanId]);
  await plans.remove(later);
  expect(await plans.ids()).toEqual([examplePlanId]);
  await plans.restore(later);
  expect(await plans.ids()).toEqual([later, examplePlanId]);
});

test('the pace of the house comes from its own batches, and from none that is broken', async () => {
  const before = await housePace(db);
  const some = await db.batches.toCollection().first();
  await db.batches.put({ ...some!, file: { ...some!.file, oils: 'none' as never } });
  const after = await housePace(db);
  expect(after.size).toBeLessThanOrEqual(before.size);
});
