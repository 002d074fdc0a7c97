import { dayOfMoment } from '@jubbet/core/quantity';
import {
  canBeRead,
  dueAt,
  readAtHours,
  skinSigns,
  standingOf,
  type SkinSign,
} from '@jubbet/core/batch';
import {
  dayWords,
  skinWords,
  standingWords,
  testAdvice,
  testedWords,
  partsWords,
} from '@jubbet/core/words';
import { useState } from 'react';
import type { PatchTestRecord } from '../store/database';
import { patchTests, type NewReading } from '../store/patchTests';
import { Button } from '../ui/Button';
import { TextField } from '../ui/Field';
import { momentWords } from './moments';
import { Photos } from './Photos';
import { SkinPicture } from './SkinPicture';
import { useSeconds } from '../ui/useSeconds';
import { useWrite } from './useWrite';

/** One patch test: where it is, what was read, and the next reading. */
export const PatchTestCard = ({ record: { id, test } }: { record: PatchTestRecord }) => {
  const write = useWrite();
  const nowMs = useSeconds(
    test.stopped === null && !test.readings.some(({ hours }) => hours === 48),
  );
  const [seen, setSeen] = useState<SkinSign | null>(null);
  const [words, setWords] = useState('');
  const [why, setWhy] = useState<string | null>(null);
  const standing = standingOf(test, nowMs);
  const isOpen = standing === 'waiting' || standing === 'due-24' || standing === 'due-48';
  const due = readAtHours.filter(
    (hours) =>
      canBeRead(test, hours, nowMs) && !test.readings.some((entry) => entry.hours === hours),
  );
  // Whoever looks only on the third day reads the second of the two.
  const hours: NewReading['hours'] = due[due.length - 1] ?? 0;
  const save = async (): Promise<void> => {
    if (seen === null) return;
    const saved = await write('The reading', async () => {
      await patchTests.read(id, { hours, skin: seen, words: words.trim() });
      return true;
    });
    if (!saved) return;
    setSeen(null);
    setWords('');
  };
  return (
    <section
      aria-label={`Patch test on ${test.personName}`}
      className="grid gap-2 rounded-lg border border-line px-4 py-3"
    >
      <p>
        <b>{test.personName}</b>: {testedWords(test)} ·{' '}
        <span className={standing === 'reacted' ? 'font-semibold text-brick' : ''}>
          {standing === 'reacted' && '■ '}
          {standing === 'clear' && '● '}
          {(standing === 'due-24' || standing === 'due-48') && '▲ '}
          {standingWords(standing)}
        </span>
      </p>
      <p className="text-sm text-soft">
        Started {momentWords(new Date(test.startedAt))}.{' '}
        {isOpen &&
          readAtHours
            .filter((readAtHour) => !test.readings.some((reading) => reading.hours === readAtHour))
            .map(
              (readAtHour) =>
                `Check at ${readAtHour} hours: ${momentWords(dueAt(test, readAtHour))}.`,
            )
            .join(' ')}
      </p>
      {test.readings.length > 0 && (
        <ul className="text-[15px]">
          {test.readings.map((entry) => (
            <li key={entry.at}>
              {entry.hours === 0
                ? `On ${dayWords(dayOfMoment(entry.at))}`
                : `After ${entry.hours} hours`}
              : {skinWords(entry.skin)}
              {entry.words && `. ${entry.words}`}
            </li>
          ))}
        </ul>
      )}
      {test.stopped && <p className="text-[15px]">Stopped: {test.stopped.why}</p>}
      <p className="max-w-prose text-[15px]">{testAdvice(test, standing)}</p>
      {isOpen && (
        <form
          className="grid gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void save();
          }}
        >
          <fieldset className="flex flex-wrap gap-2">
            <legend className="mb-1 text-sm text-soft">
              {hours === 0 ? 'Something to see already?' : `What you see after ${hours} hours`}
            </legend>
            {skinSigns.map((sign) => (
              <label
                key={sign}
                className="grid w-28 cursor-pointer justify-items-center gap-1 rounded-lg border border-line p-2 text-center text-sm has-checked:border-press has-checked:bg-slate-wash"
              >
                <SkinPicture sign={sign} />
                <span className="flex items-start gap-1.5">
                  <input
                    type="radio"
                    name={`skin-${id}`}
                    className="mt-1 accent-press"
                    checked={seen === sign}
                    onChange={() => setSeen(sign)}
                  />
                  {skinWords(sign)}
                </span>
              </label>
            ))}
          </fieldset>
          <div className="flex flex-wrap items-end gap-3">
            <TextField
              label="In words"
              className="w-64"
              maxLength={500}
              value={words}
              onChange={(event) => setWords(event.target.value)}
            />
            <Button type="submit" look="first" disabled={seen === null}>
              Save the reading
            </Button>
            {why === null && (
              <Button look="quiet" onClick={() => setWhy('')}>
                Stop this test
              </Button>
            )}
          </div>
          {why !== null && (
            <div className="flex flex-wrap items-end gap-3">
              <TextField
                label={partsWords.whyItIsStopped}
                className="w-64"
                maxLength={500}
                value={why}
                onChange={(event) => setWhy(event.target.value)}
              />
              <Button
                disabled={!why.trim()}
                onClick={() => void write('The test', () => patchTests.stop(id, why))}
              >
                Stop it
              </Button>
              <p className="basis-full text-sm text-soft">{partsWords.untilAnotherTestIsRead}</p>
            </div>
          )}
        </form>
      )}
      <Photos of={{ kind: 'patch-test', id }} what={`the skin of ${test.personName}`} />
    </section>
  );
};
