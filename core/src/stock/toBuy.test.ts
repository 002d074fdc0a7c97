import { shelvedOf } from './shelved.testing';
import { expect, test } from 'vitest';
import { toBuy, type Kept } from './toBuy';

const today = '2026-11-25';

const kept = (
  id: string,
  left: number,
  used: readonly (readonly [at: string, amount: number])[] = [],
  part: Partial<Kept['bottle']> = {},
): Kept => ({
  id,
  bottle: shelvedOf({
    lot: id,
    boughtOn: '2026-01-01',
    openedOn: '2026-01-01',
    atStart: 10,
    left,
    ...part,
  }),
  moved: used.map(([at, amount], n) => ({
    id: `${id}/${n}`,
    at: `${at}T10:00:00.000Z`,
    movement: { kind: 'used', batchId: 'b', batchNumber: '', amount },
  })),
});

test('what lasts no month at the usual pace is on the list', () => {
  // 9 ml in 90 days are 0.1 ml a day: 3 ml last 30 days, 3.1 ml last 31.
  const used = [['2026-10-01', 9]] as const;
  expect(toBuy([kept('a', 3, used)], today)[0]?.days).toBeCloseTo(30, 9);
  expect(toBuy([kept('a', 3.1, used)], today)).toEqual([]);
});

test('a closed bottle counts, a finished one does not, and use of long ago sets no pace', () => {
  const used = [['2026-10-01', 9]] as const;
  expect(toBuy([kept('a', 1, used), kept('b', 10, [], { openedOn: null })], today)).toEqual([]);
  const finished = kept('b', 0, [], { finishedOn: '2026-10-01' });
  expect(toBuy([kept('a', 1, used), finished], today)).toHaveLength(1);
  expect(toBuy([kept('a', 3, [['2026-03-01', 9]])], today)).toEqual([]);
});

test('without a pace it is on the list below a tenth of a bottle', () => {
  expect(toBuy([kept('a', 0.9)], today)).toMatchObject([{ days: null, left: 0.9 }]);
  expect(toBuy([kept('a', 1)], today)).toEqual([]);
});

test('the soonest is first, and what was bought last is bought again', () => {
  const soon = kept('a', 0.5, [['2026-10-01', 9]]);
  const newer = kept('b', 0.1, [], { boughtOn: '2026-06-01', size: 30 });
  const other = kept('c', 0.1, [], { materialId: 'tea-tree' });
  const list = toBuy([other, soon, newer], today);
  expect(list.map(({ materialId }) => materialId)).toEqual(['lavender', 'tea-tree']);
  expect(list[0]?.last.id).toBe('b');
  expect(list[0]?.left).toBeCloseTo(0.6, 9);
});
