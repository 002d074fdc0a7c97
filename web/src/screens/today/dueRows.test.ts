import type { Todo } from '@jubbet/core/planning';
import { expect, test } from 'vitest';
import { dueRows } from './dueRows';
import type { TodoText } from './useTodos';

const todo = (kind: Todo['kind'], text: string, isLate = false): Todo<TodoText> => ({
  ...{ kind, id: `${kind}/${text}`, when: '2026-12-01', isLate },
  of: { text, to: `/${text}` },
});

test('each thing has its line, its act and its place; what runs out has its own list', () => {
  const rows = dueRows([
    todo('reaction', 'Row G', true),
    todo('running-out', 'Jojoba'),
    todo('clock', 'Let it stand', true),
    todo('batch-date', 'Long interval'),
  ]);
  expect(rows.map(({ what, act, to, when }) => [what, act, to, when])).toEqual([
    ['Follow up a reaction', 'Follow up', '/Row G', 'since 1 Dec 2026'],
    ['Best before', 'Look', '/Long interval', '1 Dec 2026'],
  ]);
});

test('skin comes before dates, however long these are past', () => {
  const rows = dueRows([
    todo('bottle-date', 'Pine', true),
    todo('batch-date', 'Row G'),
    todo('read-test', 'Ines', true),
  ]);
  expect(rows.map(({ to }) => to)).toEqual(['/Ines', '/Pine', '/Row G']);
});

test('blends that nobody has rated share one line, last, with the first three by name', () => {
  const rows = dueRows([
    ...['A', 'B', 'C', 'D', 'E'].map((name) => todo('review', name)),
    todo('batch-date', 'F'),
  ]);
  expect(rows.map(({ what }) => what)).toEqual(['Best before', 'How was it?']);
  expect(rows[1]).toMatchObject({ more: 2, act: 'Rate it', to: '/A', when: 'when you like' });
  expect(rows[1]?.links.map(({ text }) => text)).toEqual(['A', 'B', 'C']);
});
