import type { Todo } from '@jubbet/core/planning';
import { dayWords } from '@jubbet/core/words';
import { momentWords } from '../../parts/moments';
import type { TodoText } from './useTodos';

type Kind = Todo['kind'];

/** What is due, as it stands in its line. */
export interface DueRow {
  readonly id: string;
  /** `since Tue 1 Dec, 18:00`, `by 15 Dec 2026`, `when you like`. */
  readonly when: string;
  readonly isLate: boolean;
  /** `Read the patch test`. */
  readonly what: string;
  readonly links: readonly TodoText[];
  /** How many more there are than are named. */
  readonly more: number;
  /** What is done, and where: its button. */
  readonly act: string;
  readonly to: string;
}

const whatWords: Readonly<Record<Kind, string>> = {
  reaction: 'Follow up a reaction',
  'read-test': 'Read a patch test',
  clock: 'Clock',
  'bottle-date': 'Best before',
  'batch-date': 'Best before',
  'running-out': 'Running out',
  review: 'How was it?',
};

const actWords: Readonly<Record<Kind, string>> = {
  reaction: 'Follow up',
  'read-test': 'Read it',
  clock: 'To the bench',
  'bottle-date': 'Look',
  'batch-date': 'Look',
  'running-out': 'Look',
  review: 'Rate it',
};

const whenWords = ({ kind, when, isLate }: Todo): string => {
  switch (kind) {
    case 'reaction':
      return `since ${dayWords(when)}`;
    case 'read-test':
    case 'clock':
      return `${isLate ? 'since' : 'at'} ${momentWords(new Date(when), 'short')}`;
    case 'bottle-date':
    case 'batch-date':
      return isLate ? `past since ${dayWords(when)}` : dayWords(when);
    case 'running-out':
      return isLate ? 'empty' : 'nearly empty';
    case 'review':
      return 'when you like';
  }
};

/** Skin comes before dates. */
const urgent: readonly Kind[] = ['reaction', 'read-test'];
const urgency = ({ kind, isLate }: Todo): number => {
  const rank = urgent.indexOf(kind);
  return !isLate || rank < 0 ? urgent.length : rank;
};

/** So many blends are named of those that nobody has rated. */
const mostNamed = 3;

/**
 * What is due, the most urgent first. Clocks are with their batch on the bench, and what runs out is
 * beside it; blends that were not rated share one line.
 */
export const dueRows = (todos: readonly Todo<TodoText>[]): readonly DueRow[] => {
  const own = todos
    .filter(({ kind }) => kind !== 'running-out' && kind !== 'review' && kind !== 'clock')
    .sort((a, b) => Number(b.isLate) - Number(a.isLate) || urgency(a) - urgency(b));
  const [first, ...others] = todos.filter(({ kind }) => kind === 'review');
  const row = (todo: Todo<TodoText>, all: readonly Todo<TodoText>[]): DueRow => ({
    id: todo.id,
    when: whenWords(todo),
    isLate: todo.isLate,
    what: whatWords[todo.kind],
    links: all.slice(0, mostNamed).map(({ of }) => of),
    more: Math.max(0, all.length - mostNamed),
    act: actWords[todo.kind],
    to: todo.of.to,
  });
  return [
    ...own.map((todo) => row(todo, [todo])),
    ...(first ? [row(first, [first, ...others])] : []),
  ];
};
