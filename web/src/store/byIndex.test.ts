import 'fake-indexeddb/auto';
import { Dexie, type Table } from 'dexie';
import { afterEach, expect, test, vi } from 'vitest';
import { byIndex } from './byIndex';

const db = new Dexie('by-index');
db.version(1).stores({ things: 'id, deletedAt, [of+at]' });
const things: Table<{ id: string }, string> = db.table('things');

afterEach(() => {
  vi.restoreAllMocks();
});

test('records with a value come in its order; those without one are not among them', async () => {
  await things.bulkPut([
    { id: 'a', deletedAt: '2026-11-25', of: 'x', at: '2' },
    { id: 'b', deletedAt: null, of: 'x', at: '1' },
    { id: 'c', deletedAt: '2026-11-24', of: 'w', at: '3' },
    { id: 'd' },
  ] as { id: string }[]);
  expect(await byIndex(things, 'deletedAt').primaryKeys()).toEqual(['c', 'a']);
  expect(await byIndex(things, 'deletedAt').keys()).toEqual(['2026-11-24', '2026-11-25']);
  expect(await byIndex(things, '[of+at]').primaryKeys()).toEqual(['c', 'b', 'a']);
  expect(await byIndex(things, 'deletedAt').reverse().limit(1).primaryKeys()).toEqual(['a']);
});

test('an index is always asked with a range', async () => {
  const queries = [
    vi.spyOn(IDBIndex.prototype, 'getAll'),
    vi.spyOn(IDBIndex.prototype, 'getAllKeys'),
    vi.spyOn(IDBIndex.prototype, 'openCursor'),
    vi.spyOn(IDBIndex.prototype, 'openKeyCursor'),
    vi.spyOn(IDBIndex.prototype, 'count'),
  ];
  await byIndex(things, 'deletedAt').toArray();
  await byIndex(things, 'deletedAt').primaryKeys();
  await byIndex(things, 'deletedAt').reverse().keys();
  await byIndex(things, 'deletedAt').count();
  // Newer engines take options with the range in them.
  const ranges = queries.flatMap((spy) =>
    spy.mock.calls.map(([given]) =>
      given instanceof IDBKeyRange ? given : (given as { query?: unknown } | undefined)?.query,
    ),
  );
  expect(ranges).toHaveLength(4);
  expect(ranges.every((range) => range instanceof IDBKeyRange)).toBe(true);
});
