import 'fake-indexeddb/auto';
import { emptyRecipe, type Recipe } from '@jubbet/core/recipe';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { batchStore } from './batches';
import { blendStore } from './blends';
import { openDatabase, type Database } from './database';
import { houseStore } from './house';
import { fileOfHouse, writtenHouse } from './houseFile.testing';
import { mergeOutcome } from './merge';
import { peopleStore } from './people';
import { seedOnce } from './seed.testing';

let serial = 0;
let desk: Database;
let phone: Database;

/** Each act is a minute after the one before, as acts of people are. */
let minute = 0;
const later = (): void => {
  minute += 1;
  vi.setSystemTime(new Date(Date.UTC(2026, 10, 26, 12, minute)));
};

beforeEach(() => {
  serial += 1;
  minute = 0;
  vi.useFakeTimers({ toFake: ['Date'] });
  later();
  desk = openDatabase(`add-desk-${serial}`);
  phone = openDatabase(`add-phone-${serial}`);
});
afterEach(() => {
  vi.useRealTimers();
});

/** Saves the data of one device and adds them to another. */
const carry = async (from: Database, to: Database) => {
  later();
  const bytes = await writtenHouse(from);
  later();
  return houseStore(to).importHouse(await fileOfHouse(to, bytes), 'add');
};

const rename = async (store: Database, id: string, name: string) => {
  later();
  const found = (await store.blends.get(id))!;
  const recipe: Recipe = { ...found.recipe, name };
  await blendStore(store).write(id, recipe, found.revision);
};

const names = async (store: Database): Promise<string[]> =>
  (await blendStore(store).list()).map(({ recipe }) => recipe.name).sort();

describe('two devices of one house', () => {
  test('what is changed on one of them comes to the other, newest of each', async () => {
    const row = await blendStore(desk).add({ ...emptyRecipe(), name: 'Row G' });
    const other = await blendStore(desk).add({ ...emptyRecipe(), name: 'Encore' });
    await carry(desk, phone);
    await rename(phone, row, 'Row H');
    await rename(desk, other, 'Encore, louder');
    expect(await carry(phone, desk)).toEqual({ both: [], newest: [] });
    expect(await names(desk)).toEqual(['Encore, louder', 'Row H']);
    await carry(desk, phone);
    expect(await names(phone)).toEqual(['Encore, louder', 'Row H']);
  });

  test('changed on both, both are kept, and it says which', async () => {
    const row = await blendStore(desk).add({ ...emptyRecipe(), name: 'Row G' });
    await carry(desk, phone);
    await rename(phone, row, 'Row G, greener');
    await rename(desk, row, 'Row G, louder');
    const { both } = await carry(phone, desk);
    expect(both).toEqual(['blend “Row G, greener”']);
    expect(await names(desk)).toEqual(['Row G, greener, from the file', 'Row G, louder']);
    await houseStore(desk).goBack();
    expect(await names(desk)).toEqual(['Row G, louder']);
  });

  test('the same file read in twice changes nothing more, whichever was written later', async () => {
    const row = await blendStore(desk).add({ ...emptyRecipe(), name: 'Row G' });
    await carry(desk, phone);
    await rename(desk, row, 'Louder');
    await rename(phone, row, 'Greener');
    later();
    const bytes = await writtenHouse(phone);
    for (let time = 0; time < 2; time += 1) {
      later();
      await houseStore(desk).importHouse(await fileOfHouse(desk, bytes), 'add');
      expect(await names(desk)).toEqual(['Greener, from the file', 'Louder']);
    }
    // What the desk has kept of both comes to the phone as it is there.
    await carry(desk, phone);
    expect(await names(phone)).toEqual(['Greener, from the file', 'Louder']);
  });

  test('a sheet that is open takes what came in as newer than its own', async () => {
    const row = await blendStore(desk).add({ ...emptyRecipe(), name: 'Row G' });
    await carry(desk, phone);
    await rename(desk, row, 'Row G, once');
    await rename(desk, row, 'Row G');
    const seen = (await desk.blends.get(row))!.revision;
    await carry(desk, phone);
    await rename(phone, row, 'Row H');
    await carry(phone, desk);
    expect((await desk.blends.get(row))!.revision).toBeGreaterThan(seen);
  });

  test('deleted on one and changed on the other, the change stays', async () => {
    const row = await blendStore(desk).add({ ...emptyRecipe(), name: 'Row G' });
    await carry(desk, phone);
    later();
    await blendStore(desk).remove(row);
    await rename(phone, row, 'Row H');
    await carry(phone, desk);
    expect(await names(desk)).toEqual(['Row H']);
  });

  test('deleted on one and left alone on the other, it is gone on both', async () => {
    const row = await blendStore(desk).add({ ...emptyRecipe(), name: 'Row G' });
    await carry(desk, phone);
    later();
    await blendStore(desk).remove(row);
    await carry(desk, phone);
    expect(await names(phone)).toEqual([]);
  });

  test('a person changed on both stands there twice, by name', async () => {
    await seedOnce(desk, '2026-11-26');
    await carry(desk, phone);
    for (const [store, name] of [
      [desk, 'Ines A'],
      [phone, 'Ines B'],
    ] as const) {
      later();
      const ines = (await peopleStore(store).get('ines'))!;
      await peopleStore(store).write('ines', { ...ines.person, name });
    }
    const { both } = await carry(phone, desk);
    expect(both).toEqual(['person “Ines B”']);
    const people = (await peopleStore(desk).list()).map(({ person }) => person.name);
    expect(people).toContain('Ines A');
    expect(people).toContain('Ines B, from the file');
  });

  test('a batch counted on at the other device comes with all that fell', async () => {
    await seedOnce(desk, '2026-11-26');
    await carry(desk, phone);
    const batch = 'batch-prompt-desk';
    later();
    const before = (await batchStore(phone).log(batch)).length;
    await batchStore(phone).record(batch, [{ kind: 'discarded', container: 0 }]);
    await carry(phone, desk);
    expect(await batchStore(desk).log(batch)).toHaveLength(before + 1);
  });
});

describe('of two records of one id', () => {
  const at = (hour: number) => `2026-11-26T${String(hour).padStart(2, '0')}:00:00.000Z`;
  const record = (updated: number, name: string, gone = false) => ({
    createdAt: at(1),
    updatedAt: at(updated),
    deletedAt: gone ? at(updated) : null,
    name,
  });

  test.each([
    ['the same stays', record(5, 'a'), record(7, 'a'), 'same'],
    ['changed in the file alone', record(2, 'a'), record(7, 'b'), 'theirs'],
    ['changed here alone', record(7, 'b'), record(2, 'a'), 'ours'],
    ['changed in both', record(7, 'b'), record(8, 'c'), 'both'],
    ['deleted here, changed there', record(7, 'b', true), record(8, 'c'), 'theirs'],
    ['changed here, deleted there', record(7, 'b'), record(8, 'c', true), 'ours'],
  ])('%s', (_, ours, theirs, meeting) => {
    // They last met at five o'clock.
    expect(mergeOutcome(ours, theirs, at(5))).toBe(meeting);
  });

  test('houses that never met: what was not touched since it was made gives way', () => {
    expect(mergeOutcome(record(1, 'a'), record(3, 'b'), '')).toBe('theirs');
    expect(mergeOutcome(record(2, 'a'), record(3, 'b'), '')).toBe('both');
  });
});
