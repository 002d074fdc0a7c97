import { Panel } from '../../ui/Panel';
import { calendarOf, type CalendarEntry } from '@jubbet/core/exchange';
import { dueAt, readAtHours } from '@jubbet/core/batch';
import type { Todo } from '@jubbet/core/planning';
import { countedWords, testedWords, todayWords } from '@jubbet/core/words';
import { CalendarPlus } from 'lucide-react';
import { Button, ButtonLink } from '../../ui/Button';
import { PatchTestCard } from '../../parts/PatchTestCard';
import { saveFile } from '../../parts/saveFile';
import { ScreenTitle } from '../../ui/ScreenTitle';
import { useAfterPaint } from '../../ui/useAfterPaint';
import { useSeconds } from '../../ui/useSeconds';
import { batches } from '../../store/batches';
import { now } from '../../store/now';
import { useThere } from '../../store/useStored';
import { CouldMake } from './CouldMake';
import { DueList } from './DueList';
import { dueRows } from './dueRows';
import { OnTheBench } from './OnTheBench';
import { RunningShort } from './RunningShort';
import { useTodos, type OpenTest } from './useTodos';

type Kind = Todo['kind'];

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

/** Beside the list: what hangs on the whole shelf and on many blends comes once the rest is there. */
const Beside = () => {
  const isPainted = useAfterPaint('today');
  return (
    <div className="grid content-start gap-4">
      {isPainted && (
        <>
          <RunningShort />
          <CouldMake />
        </>
      )}
    </div>
  );
};

/** What is on the bench, what is due, what runs short, and what could be made. */
export const TodayScreen = () => {
  const nowMs = useSeconds(true);
  const ids = useThere(['open batch ids'], () => batches.openIds());
  const due = useTodos(nowMs);
  if (due === null || !ids) return null;
  const { todos, tests } = due;
  const entries = entriesOf(due, nowMs);
  const rows = dueRows(todos);
  const late = rows.filter(({ isLate }) => isLate).length;
  const day = new Intl.DateTimeFormat('en-GB', { weekday: 'long', day: 'numeric', month: 'long' });
  return (
    <div className="mx-auto grid max-w-[1280px] grid-cols-[minmax(0,1fr)] gap-4">
      <div className="flex flex-wrap items-center justify-between gap-3">
        <ScreenTitle
          title="Today"
          aside={`${day.format(nowMs)}${late > 0 ? ` · ${countedWords(late, 'thing')} late` : ''}`}
        />
        <div className="flex flex-wrap gap-2">
          {entries.length > 0 && (
            <Button
              onClick={() => saveFile('jubbet.ics', calendarOf(entries, now()), 'text/calendar')}
            >
              <CalendarPlus aria-hidden size={18} /> {todayWords.saveToACalendar}
            </Button>
          )}
          <ButtonLink look={ids.length > 0 ? 'plain' : 'first'} to="/blends">
            To the blends
          </ButtonLink>
        </div>
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 lg:grid-cols-[minmax(0,1fr)_20rem]">
        <div className="grid grid-cols-[minmax(0,1fr)] gap-4">
          {ids.length > 0 ? (
            <OnTheBench ids={ids} />
          ) : (
            <p className="max-w-prose">{todayWords.nothingIsOnTheBench}</p>
          )}
          {rows.length > 0 ? <DueList rows={rows} /> : <p>{todayWords.nothingIsDueNoTest}</p>}
          {tests.length > 0 && (
            <Panel
              id="tests"
              aria-label={todayWords.patchTestsInProgress}
              className="grid gap-3 px-5 py-4"
            >
              <h2 className="text-lg">{todayWords.patchTestsInProgress}</h2>
              {tests.map(({ record }) => (
                <PatchTestCard key={record.id} record={record} />
              ))}
            </Panel>
          )}
        </div>
        <Beside />
      </div>
    </div>
  );
};
