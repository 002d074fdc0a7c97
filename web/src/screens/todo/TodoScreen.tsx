import { calendarOf, type CalendarEntry } from '@jubbet/core/exchange';
import { dueAt, readAtHours } from '@jubbet/core/batch';
import type { Todo } from '@jubbet/core/planning';
import { dayWords, testedWords } from '@jubbet/core/words';
import { clsx } from 'clsx';
import { CalendarPlus } from 'lucide-react';
import { Link } from 'react-router';
import { Button } from '../../parts/Button';
import { momentWords } from '../../parts/moments';
import { PatchTestCard } from '../../parts/PatchTestCard';
import { saveFile } from '../../parts/saveFile';
import { ScreenTitle } from '../../parts/ScreenTitle';
import { useSeconds } from '../../parts/useSeconds';
import { now } from '../../store/now';
import { useTodos, type OpenTest } from './useTodos';

type Kind = Todo['kind'];

const groups: readonly { readonly title: string; readonly kinds: readonly Kind[] }[] = [
  { title: 'Reactions to follow up', kinds: ['reaction'] },
  { title: 'Patch tests to read', kinds: ['read-test'] },
  { title: 'Clocks', kinds: ['clock'] },
  { title: 'Dates', kinds: ['bottle-date', 'batch-date'] },
  { title: 'Running out', kinds: ['running-out'] },
  { title: 'How was it?', kinds: ['review'] },
];

const whenWords = ({ kind, when, isLate }: Todo): string => {
  switch (kind) {
    case 'reaction':
      return `since ${dayWords(when)}`;
    case 'read-test':
    case 'clock':
      return `${isLate ? 'since' : 'at'} ${momentWords(new Date(when), 'short')}`;
    case 'bottle-date':
    case 'batch-date':
      return isLate ? `past since ${dayWords(when)}` : `best before ${dayWords(when)}`;
    case 'running-out':
      return isLate ? 'empty' : 'less than a tenth left';
    case 'review':
      return 'say how it was';
  }
};

const calendarTitles: Readonly<Record<Kind, string>> = {
  reaction: 'Follow up a reaction',
  'read-test': 'Read a patch test',
  clock: 'Clock',
  'bottle-date': 'Best before of a bottle',
  'batch-date': 'Best before of a batch',
  'running-out': 'Running out',
  review: 'Say how it was',
};

type Due = ReturnType<typeof useTodos>;

/** What has a time of its own that is still to come, for a calendar. */
const entriesOf = ({ todos, tests }: NonNullable<Due>, nowMs: number): CalendarEntry[] => [
  ...todos
    .filter(({ kind }) => kind !== 'running-out' && kind !== 'review' && kind !== 'read-test')
    .map(({ id, kind, when, of }) => ({
      id,
      // A day has no hour: nine in the morning is when someone looks.
      at: when.length === 10 ? new Date(`${when}T09:00:00`).toISOString() : when,
      title: `${calendarTitles[kind]}: ${of.text}`,
      text: of.text,
    }))
    .filter(({ at }) => Date.parse(at) > nowMs),
  ...tests.flatMap(({ record: { id, test } }: OpenTest) =>
    readAtHours
      .filter((hours) => !test.readings.some((reading) => reading.hours === hours))
      .map((hours) => ({
        id: `patch-test-${id}-${hours}`,
        at: dueAt(test, hours).toISOString(),
        title: `Patch test on ${test.personName}: look after ${hours} hours`,
        text: testedWords(test),
      })),
  ),
];

/** What needs doing, on one page. */
export const TodoScreen = () => {
  const nowMs = useSeconds(true);
  const due = useTodos(nowMs);
  if (due === null) return null;
  const { todos, tests } = due;
  const entries = entriesOf(due, nowMs);
  return (
    <div className="mx-auto grid max-w-4xl grid-cols-[minmax(0,1fr)] gap-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle
          title="What needs doing"
          aside={todos.length > 0 ? String(todos.length) : ''}
        />
        {entries.length > 0 && (
          <Button
            onClick={() => saveFile('jubbet.ics', calendarOf(entries, now()), 'text/calendar')}
          >
            <CalendarPlus aria-hidden size={18} /> Save to a calendar
          </Button>
        )}
      </div>
      {todos.length === 0 && tests.length === 0 && (
        <p>Nothing: no test to read, no date that passes soon, no bottle that runs out.</p>
      )}
      {groups.map(({ title, kinds }) => {
        const here = todos.filter(({ kind }) => kinds.includes(kind));
        return here.length === 0 ? null : (
          <section
            key={title}
            aria-label={title}
            className="rounded-xl border border-line bg-sheet px-5 py-3"
          >
            <h2 className="text-lg">{title}</h2>
            <ul>
              {here.map((todo) => (
                <li
                  key={todo.id}
                  className="flex min-h-11 flex-wrap items-center gap-x-4 border-b border-line py-1 last:border-0"
                >
                  <Link to={todo.of.to} className="min-w-60 flex-1 text-press">
                    {todo.of.text}
                  </Link>
                  <span
                    className={clsx(
                      'text-sm',
                      todo.isLate ? 'font-semibold text-amber' : 'text-soft',
                    )}
                  >
                    {todo.isLate && <span aria-hidden>▲ </span>}
                    {whenWords(todo)}
                  </span>
                </li>
              ))}
            </ul>
          </section>
        );
      })}
      {tests.length > 0 && (
        <section
          id="tests"
          aria-label="Patch tests in progress"
          className="grid gap-3 rounded-xl border border-line bg-sheet px-5 py-4"
        >
          <h2 className="text-lg">Patch tests in progress</h2>
          {tests.map(({ record }) => (
            <PatchTestCard key={record.id} record={record} />
          ))}
        </section>
      )}
    </div>
  );
};
