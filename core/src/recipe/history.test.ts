import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { historyAfter, historyOf, mostSteps, oneStepMs, type HistoryAction } from './history';

const act = (...actions: readonly HistoryAction<string>[]) =>
  actions.reduce(historyAfter<string>, historyOf('a'));

const to = (value: string, at: number, field?: string): HistoryAction<string> => ({
  kind: 'change',
  to: value,
  at,
  ...(field === undefined ? {} : { field }),
});
const undo = { kind: 'undo' } as const;
const redo = { kind: 'redo' } as const;

describe('undo and redo', () => {
  test('one step back, one forth', () => {
    expect(act(to('b', 0), to('c', 1), undo).present).toBe('b');
    expect(act(to('b', 0), to('c', 1), undo, undo).present).toBe('a');
    expect(act(to('b', 0), undo, redo).present).toBe('b');
  });

  test('where there is nothing to undo or redo, the history is the same', () => {
    const fresh = historyOf('a');
    expect(historyAfter(fresh, undo)).toBe(fresh);
    expect(historyAfter(fresh, redo)).toBe(fresh);
  });

  test('a change after an undo takes the place of what was undone', () => {
    const changed = act(to('b', 0), undo, to('c', 1));
    expect(historyAfter(changed, redo)).toBe(changed);
  });
});

describe('typing', () => {
  test('keystrokes in one field are one step, in two fields two', () => {
    expect(act(to('b', 0, 'name'), to('bc', 100, 'name'), undo).present).toBe('a');
    expect(act(to('b', 0, 'name'), to('bc', 100, 'notes'), undo).present).toBe('b');
  });

  test('a pause ends the step, and so does anything that is not typing', () => {
    expect(act(to('b', 0, 'name'), to('c', oneStepMs, 'name'), undo).present).toBe('b');
    expect(act(to('b', 0, 'name'), to('c', 1), to('d', 2, 'name'), undo).present).toBe('c');
    expect(act(to('b', 0, 'name'), undo, redo, to('c', 1, 'name'), undo).present).toBe('b');
  });

  test('slow typing goes on as long as no pause is long', () => {
    const typed = Array.from({ length: 9 }, (_, n) => to(`b${n}`, n * (oneStepMs - 1), 'name'));
    expect(act(...typed, undo).present).toBe('a');
  });
});

test('what another tab wrote takes the place of ours, which is one undo away', () => {
  const overtaken = act(to('ours', 0), { kind: 'overtaken', by: 'theirs' });
  expect(overtaken.present).toBe('theirs');
  expect(historyAfter(overtaken, undo).present).toBe('ours');
});

const anyAction = fc.oneof(
  fc
    .record({
      value: fc.string(),
      at: fc.nat(5000),
      field: fc.constantFrom('name', 'notes', undefined),
    })
    .map(({ value, at, field }) => to(value, at, field)),
  fc.string().map((by): HistoryAction<string> => ({ kind: 'overtaken', by })),
  fc.constantFrom<HistoryAction<string>>(undo, redo),
);

test('whatever was done: undone to the end and done again it is what it was', () => {
  fc.assert(
    fc.property(fc.array(anyAction, { maxLength: 60 }), (actions) => {
      const end = act(...actions);
      let back = end;
      for (let n = 0; n < end.past.length; n += 1) back = historyAfter(back, undo);
      expect(back.present).toBe(end.past[0] ?? end.present);
      for (let n = 0; n < end.past.length; n += 1) back = historyAfter(back, redo);
      expect([back.past, back.present, back.future]).toEqual([end.past, end.present, end.future]);
    }),
  );
});

test('no more steps are kept than may be', () => {
  const many = Array.from({ length: mostSteps + 50 }, (_, n) => to(String(n), n));
  expect(act(...many).past).toHaveLength(mostSteps);
});

test('it is plain data, that can be kept while its screen is left', () => {
  const history = act(to('b', 0, 'name'), undo);
  expect(JSON.parse(JSON.stringify(history))).toEqual(history);
});
