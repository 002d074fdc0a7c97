import 'fake-indexeddb/auto';
import fc from 'fast-check';
import { inForce } from '@jubbet/core/stock';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { doneAt, dropAt, stepsOf } from '@jubbet/core/making';
import { evaluate } from '@jubbet/core/drops';
import { batchStore } from './batches';
import { blendStore } from './blends';
import { openDatabase, type Database } from './database';
import { houseStore } from './house';
import { readCatalog } from './houseCatalog';
import { fileOfHouse, writtenHouse } from './houseFile.testing';
import { ledgerStore } from './ledger';
import { madeBlend } from './madeBlend';
import { recipientsStore } from './recipients';
import { tables } from './records';
import { seedOnce } from './seed.testing';

// A desk and a phone that read each other's backups.

let serial = 0;
let minute = 0;
const later = (): void => {
  minute += 1;
  vi.setSystemTime(new Date(Date.UTC(2026, 10, 26, 12, minute)));
};
beforeEach(() => {
  minute = 0;
  vi.useFakeTimers({ toFake: ['Date'] });
  later();
});
afterEach(() => {
  vi.useRealTimers();
});

const twoHouses = async (): Promise<readonly [Database, Database]> => {
  serial += 1;
  const desk = openDatabase(`two-desk-${serial}`);
  const phone = openDatabase(`two-phone-${serial}`);
  await seedOnce(desk, '2026-11-26');
  return [desk, phone];
};

const carry = async (from: Database, to: Database, manner: 'add' | 'replace' = 'add') => {
  later();
  const bytes = await writtenHouse(from);
  later();
  const conflicts = await houseStore(to).importHouse(await fileOfHouse(to, bytes), manner);
  await batchStore(to).mend();
  return conflicts;
};

/** All that is in a house, but for what is of one browser. */
const all = async (store: Database): Promise<Record<string, unknown[]>> =>
  Object.fromEntries(
    await Promise.all(
      tables
        .filter((table) => table !== 'settings')
        .map(async (table) => [table, await store.table(table).toArray()] as const),
    ),
  );

const finishOpen = async (store: Database): Promise<void> => {
  const [id] = await batchStore(store).openIds();
  if (id === undefined) return;
  const batch = await batchStore(store).get(id);
  if (!batch) return;
  const blend = madeBlend(await readCatalog(store), batch);
  for (const step of stepsOf(blend, evaluate(blend).mixture)) {
    if (step.kind === 'count') {
      const bottleId = batch.bottles[step.oilId]?.id ?? null;
      await batchStore(store).record(
        id,
        Array.from({ length: step.drops }, () => dropAt(step, { source: 'tap', bottleId })),
      );
    }
    await batchStore(store).record(id, [doneAt(step.id, 'tap')]);
  }
};

/** How often each batch has taken something out of each bottle, as the ledgers stand. */
const timesTaken = async (store: Database): Promise<Map<string, number>> => {
  const times = new Map<string, number>();
  for (const bottleId of (await store.bottles.toArray()).map(({ id }) => id)) {
    for (const { movement } of inForce(await ledgerStore(store).of(bottleId))) {
      if (movement.kind !== 'used') continue;
      const key = `${movement.batchId} ${bottleId}`;
      times.set(key, (times.get(key) ?? 0) + 1);
    }
  }
  return times;
};

test('restored, added to, and restored back, every record is as it was', async () => {
  const [desk, phone] = await twoHouses();
  const before = await all(desk);
  await carry(desk, phone, 'replace');
  expect(await all(phone)).toEqual(before);
  expect(await carry(desk, phone)).toEqual({ both: [], newest: [] });
  expect(await all(phone)).toEqual(before);
  expect(await carry(phone, desk)).toEqual({ both: [], newest: [] });
  expect(await all(desk)).toEqual(before);
});

test('one notes something and the other only reads: no conflict, no second batch', async () => {
  const [desk, phone] = await twoHouses();
  await carry(desk, phone);
  later();
  await batchStore(desk).note('batch-row-g', 'Smells of the wings.');
  expect(await carry(desk, phone)).toEqual({ both: [], newest: [] });
  expect((await batchStore(phone).get('batch-row-g'))?.notes).toBe('Smells of the wings.');
  expect(await phone.batches.count()).toBe(await desk.batches.count());
  expect(await carry(phone, desk)).toEqual({ both: [], newest: [] });
});

test('finished on both devices, what it took left the shelf once', async () => {
  const [desk, phone] = await twoHouses();
  await carry(desk, phone);
  const [open] = await batchStore(desk).openIds();
  later();
  await finishOpen(desk);
  later();
  await finishOpen(phone);
  expect((await batchStore(phone).get(open!))?.finishedAt).not.toBeNull();
  const { both } = await carry(phone, desk);
  expect(both).toHaveLength(1);
  await carry(desk, phone);
  for (const store of [desk, phone]) {
    expect([...(await timesTaken(store)).keys()].some((key) => key.startsWith(open!))).toBe(true);
    expect([...(await timesTaken(store)).values()].every((count) => count === 1)).toBe(true);
  }
});

const acts = ['rename', 'note', 'spill', 'finish', 'give', 'carry', 'carry back'] as const;

test('whatever is done on both and carried to and fro: nothing lost, nothing doubled', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.tuple(fc.constantFrom(...acts), fc.boolean()), { minLength: 3, maxLength: 9 }),
      async (done) => {
        const [desk, phone] = await twoHouses();
        await carry(desk, phone);
        let spilled = 0;
        const given: string[] = [];
        const names = new Set<string>();
        for (const [n, [act, onDesk]] of done.entries()) {
          const store = onDesk ? desk : phone;
          later();
          if (act === 'rename') {
            const id = await blendStore(store).add({
              ...(await blendStore(store).list())[0]!.recipe,
              name: `Mine ${n}`,
            });
            names.add(`Mine ${n}`);
            expect(id).not.toBe('');
          } else if (act === 'note') await batchStore(store).note('batch-row-g', `note ${n}`);
          else if (act === 'spill') {
            const bottle = (await store.bottles.toCollection().primaryKeys())[0] ?? '';
            await ledgerStore(store).takeOut(bottle, { kind: 'spilled', amount: 0.01, why: '' });
            spilled += 1;
          } else if (act === 'finish') await finishOpen(store);
          else if (act === 'give') {
            const name = `Friend ${n}`;
            const add = recipientsStore(store).add({
              ...{ batchId: 'batch-curtain-call', pieces: 1, which: '', personId: null },
              ...{ name, on: '2026-11-26' },
            });
            if (await add.then(() => true).catch(() => false)) given.push(name);
          } else if (act === 'carry') await carry(desk, phone);
          else await carry(phone, desk);
        }
        await carry(desk, phone);
        await carry(phone, desk);
        await carry(desk, phone);
        for (const store of [desk, phone]) {
          const movements = (await store.movements.toArray()).map(({ movement }) => movement);
          expect(movements.filter(({ kind }) => kind === 'spilled')).toHaveLength(spilled);
          const got = (await store.recipients.toArray()).map(({ recipient }) => recipient.name);
          expect(got.filter((name) => name.startsWith('Friend')).sort()).toEqual(given.sort());
          const book = (await blendStore(store).list()).map(({ recipe }) => recipe.name);
          for (const name of names) expect(book.filter((one) => one === name)).toHaveLength(1);
          expect([...(await timesTaken(store)).values()].every((count) => count === 1)).toBe(true);
        }
      },
    ),
    { numRuns: 8 },
  );
}, 60_000);
