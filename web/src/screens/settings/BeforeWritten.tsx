import { formatList, recordProblemWords } from '@jubbet/core/words';
import { format } from 'date-fns';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { Tick } from '../../ui/Tick';
import type { ImportMode, Photographs, Summary } from '../../store/house';
import type { LeftOut } from '../../store/readHouse';

/** So many records that were set aside are named; the rest is counted. */
const mostNamed = 8;

export const counted = (count: number, text: string, many: string): string =>
  `${count} ${count === 1 ? text : many}`;

/** `3 photographs, 1.2 MB,` */
export const photographsWords = ({ count, bytes }: Photographs): string =>
  `${counted(count, 'photograph', 'photographs')}, ${(bytes / 1_000_000).toFixed(1)} MB,`;

export interface Waiting {
  readonly name: string;
  readonly savedAt: string;
  readonly summary: Summary;
  readonly leftOut: readonly LeftOut[];
  /** Kinds of record that are damaged in the file. */
  readonly damaged: readonly string[];
}

/** Records of a file that cannot be read, each by its name and with why. */
export const LeftOutList = ({ list }: { list: readonly LeftOut[] }) => (
  <ul className="list-disc pl-5 text-sm">
    {list.slice(0, mostNamed).map(({ word, name, place, problem }, n) => (
      <li key={n}>
        {word} {name === null ? place : `“${name}”`}: {recordProblemWords(problem)}.
      </li>
    ))}
    {list.length > mostNamed && <li>And {list.length - mostNamed} more.</li>}
  </ul>
);

/** What getting a file in would do, and how it is to get in. */
export const BeforeWritten = ({
  waiting,
  onManner,
  onLeave,
}: {
  waiting: Waiting;
  onManner: (manner: ImportMode, keepPhotographs: boolean) => void;
  onLeave: () => void;
}) => {
  const { summary, leftOut, damaged } = waiting;
  const { onlyHere } = summary;
  const [keepPhotographs, setKeep] = useState(true);
  return (
    <div
      role="group"
      aria-label="Before anything changes"
      className="grid gap-2 rounded-lg bg-slate-wash px-4 py-3"
    >
      <p>
        <b>{waiting.name}</b>, saved {format(new Date(waiting.savedAt), 'd MMM yyyy, HH:mm')}, has{' '}
        {counted(summary.blends, 'blend', 'blends')}, {counted(summary.batches, 'batch', 'batches')}{' '}
        and {counted(summary.people, 'person', 'people')} that are not here, and {summary.known}{' '}
        that are.
      </p>
      <p>
        Add: new records are added
        {summary.newer > 0 &&
          `, and ${counted(summary.newer, 'record that is', 'records that are')} newer in the file`}
        {summary.both > 0 &&
          `; of ${counted(summary.both, 'record', 'records')} changed here and in the file both are kept`}
        . All else stays as it is. Replace: all that is here goes
        {summary.gone > 0 && `, ${summary.gone} of it not in the file`}. There is a way back from
        both.
      </p>
      {damaged.length > 0 && (
        <p role="alert" className="text-brick">
          ■ The file is damaged. Its {formatList(damaged)} records can’t be trusted and are left
          out. Everything else is whole and can be added, but can’t replace what is here.
        </p>
      )}
      {onlyHere.count > 0 && damaged.length === 0 && (
        <Tick isOn={keepPhotographs} onTick={setKeep}>
          When everything is replaced, keep {photographsWords(onlyHere)} that{' '}
          {onlyHere.count === 1 ? 'is' : 'are'} here and not in the file
        </Tick>
      )}
      {leftOut.length > 0 && (
        <div className="text-brick">
          <p>
            {counted(leftOut.length, 'record', 'records')} in the file can’t be read and{' '}
            {leftOut.length === 1 ? 'is' : 'are'} left out. Everything else is imported.
          </p>
          <LeftOutList list={leftOut} />
        </div>
      )}
      <div className="flex flex-wrap gap-2">
        <Button look="first" onClick={() => onManner('add', keepPhotographs)}>
          Add to what is here
        </Button>
        {damaged.length === 0 && (
          <Button onClick={() => onManner('replace', keepPhotographs)}>
            Replace everything here
          </Button>
        )}
        <Button look="quiet" onClick={onLeave}>
          Cancel
        </Button>
      </div>
    </div>
  );
};
