import { expect, test } from 'vitest';
import { datesToMind, inTurn, runningOut, toReview } from './needsDoing';

const today = '2026-11-25';
const ids = (todos: readonly { readonly id: string }[]) => todos.map(({ id }) => id);

test('a date is told thirty days ahead, and once it has passed', () => {
  const keeps = ['2026-11-24', '2026-12-25', '2026-12-26'].map((until) => ({
    id: until,
    until,
    of: null,
  }));
  const dates = datesToMind('bottle-date', keeps, today);
  expect(dates.map(({ when, isLate }) => [when, isLate])).toEqual([
    ['2026-11-24', true],
    ['2026-12-25', false],
  ]);
});

test('a bottle runs out below a tenth of what it holds', () => {
  const bottles = [0, 0.9, 1].map((left) => ({ id: String(left), left, size: 10, of: null }));
  expect(ids(runningOut(bottles, today))).toEqual(['running-out/0', 'running-out/0.9']);
});

test('how it was is asked from the fifth day on, and not for ever', () => {
  const batches = ['2026-11-21', '2026-11-20', '2026-10-26', '2026-10-25'].map((madeOn) => ({
    id: madeOn,
    madeOn,
    of: null,
  }));
  expect(ids(toReview(batches, today))).toEqual(['review/2026-11-20', 'review/2026-10-26']);
});

test('what is late stands first, then what comes soonest', () => {
  const todo = (id: string, when: string, isLate: boolean) => ({
    kind: 'review' as const,
    ...{ id, when, isLate },
    of: null,
  });
  expect(
    ids(
      inTurn([
        todo('soon', '2026-11-26', false),
        todo('late', '2026-11-20', true),
        todo('now', '2026-11-25', false),
        todo('later', '2026-10-20', true),
      ]),
    ),
  ).toEqual(['later', 'late', 'now', 'soon']);
});
