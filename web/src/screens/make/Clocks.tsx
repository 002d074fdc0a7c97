import { calendarOf } from '@jubbet/core/exchange';
import { clocksOf, type BenchEvent, type Step, type Tally } from '@jubbet/core/making';
import { clockWords, leftWords, minutesWords, overdueWords, makeWords } from '@jubbet/core/words';
import { CalendarPlus, Timer } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { NumberField } from '../../ui/NumberField';
import { saveFile } from '../../parts/saveFile';
import { useSeconds } from '../../ui/useSeconds';
import { now as momentNow } from '../../store/now';
import { panel, panelButton } from './panel';
import { newId } from '../../store/newId';

/** The system may tell of a clock too, where the maker allows it: asked at a press, once. */
const askToNotify = (): void => {
  if (typeof Notification !== 'undefined' && Notification.permission === 'default') {
    void Notification.requestPermission();
  }
};

/** A clock that begins now. */
const clockEvent = (step: Step | null, minutes: number, words: string): BenchEvent => {
  const startedAt = momentNow();
  return {
    kind: 'timer',
    timerId: newId(),
    step: step?.id ?? null,
    startedAt,
    endsAt: new Date(Date.parse(startedAt) + minutes * 60_000).toISOString(),
    words,
  };
};

/** Clocks of this batch: those that run, those that the step offers, and one of any length. */
export const Clocks = ({
  name,
  step,
  tally,
  onEvents,
}: {
  /** Of the batch, for the calendar. */
  name: string;
  step: Step | null;
  tally: Tally;
  onEvents: (events: readonly BenchEvent[]) => void;
}) => {
  const [minutes, setMinutes] = useState(10);
  const now = useSeconds(tally.timers.length > 0);
  const offered = (step ? clocksOf(step) : []).filter(
    (clock) =>
      // Two of a step may say the same: they differ in how long they run.
      !tally.timers.some(
        ({ words, step: of, startedAt, endsAt }) =>
          words === clockWords(clock.for) &&
          of === (step?.id ?? null) &&
          Date.parse(endsAt) - Date.parse(startedAt) === clock.minutes * 60_000,
      ),
  );
  const start = (length: number, words: string): void => {
    askToNotify();
    onEvents([clockEvent(step, length, words)]);
  };
  const calendar = (): void =>
    saveFile(
      `${name}, clocks.ics`,
      calendarOf(
        tally.timers.map(({ timerId, endsAt, words }) => ({
          id: timerId,
          at: endsAt,
          title: words,
          text: name,
        })),
        momentNow(),
      ),
      'text/calendar',
    );
  return (
    <section aria-label={makeWords.clocksOfThisBatch} className={panel}>
      <h2 className="flex items-center gap-2 font-sans text-sm font-normal text-soft">
        <Timer aria-hidden size={16} /> Clocks
      </h2>
      {tally.timers.length > 0 && (
        <ul className="mt-1 grid gap-1.5">
          {tally.timers.map(({ timerId, words, endsAt }) => {
            const left = (Date.parse(endsAt) - now) / 1000;
            return (
              <li key={timerId} className="flex items-center gap-3">
                <span className="min-w-0 flex-1 text-[15px]">
                  <b className="text-lg tabular-nums">
                    {left > 0 ? leftWords(left) : overdueWords(-left)}
                  </b>{' '}
                  {words}
                </span>
                <button
                  type="button"
                  className={panelButton}
                  aria-label={`Turn off: ${words}`}
                  onClick={() => onEvents([{ kind: 'timer-off', timerId }])}
                >
                  {left > 0 ? 'Stop' : 'Done'}
                </button>
              </li>
            );
          })}
        </ul>
      )}
      <div className="mt-2 flex flex-wrap items-center gap-2">
        {offered.map((clock) => (
          <button
            key={clock.for}
            type="button"
            className={panelButton}
            onClick={() => start(clock.minutes, clockWords(clock.for))}
          >
            <b>{minutesWords(clock.minutes)}</b>: {clockWords(clock.for).toLowerCase()}
          </button>
        ))}
        <span className="flex items-center gap-1.5">
          <NumberField
            label={makeWords.minutesOfAClockOf}
            framed
            className="w-14 text-ink"
            unit="min"
            value={minutes}
            rule={{ least: 0, above: true, most: 10_000 }}
            onNumber={setMinutes}
          />
          <button
            type="button"
            className={panelButton}
            onClick={() => start(minutes, `Your clock of ${minutesWords(minutes)}`)}
          >
            Start
          </button>
        </span>
        {tally.timers.length > 0 && (
          <Button look="quiet" className="text-ink!" onClick={calendar}>
            <CalendarPlus aria-hidden size={18} /> {makeWords.saveToACalendar}
          </Button>
        )}
      </div>
    </section>
  );
};
