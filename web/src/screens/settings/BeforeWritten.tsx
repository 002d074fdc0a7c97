import { Notice } from '../../ui/Notice';
import {
  formatList,
  recordProblemWords,
  settingsWords,
  countedWords,
  formatNumber,
} from '@jubbet/core/words';
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
    <Notice
      tone="note"
      role="group"
      aria-label="Before anything changes"
      className="grid gap-2 px-4! py-3!"
    >
      <p>
        <b>{waiting.name}</b>
        {settingsWords.fileHolds(
          format(new Date(waiting.savedAt), 'd MMM yyyy, HH:mm'),
          formatList([
            countedWords(summary.blends, 'blend'),
            countedWords(summary.batches, 'batch'),
            countedWords(summary.people, 'person'),
          ]),
          formatNumber(summary.known),
        )}
      </p>
      <p>
        {settingsWords.addingDoes(summary)} {settingsWords.replacingDoes(summary.gone)}
      </p>
      {damaged.length > 0 && (
        <p role="alert" className="text-brick">
          {settingsWords.fileIsDamagedItsRecords(formatList(damaged))}
        </p>
      )}
      {onlyHere.count > 0 && damaged.length === 0 && (
        <Tick isOn={keepPhotographs} onTick={setKeep}>
          {settingsWords.whenEverythingIsReplacedKeep(photographsWords(onlyHere), onlyHere.count)}
        </Tick>
      )}
      {leftOut.length > 0 && (
        <div className="text-brick">
          <p>{settingsWords.inTheFileCantBe(leftOut.length)}</p>
          <LeftOutList list={leftOut} />
        </div>
      )}
      <div className="flex flex-wrap gap-2">
        <Button look="first" onClick={() => onManner('add', keepPhotographs)}>
          {settingsWords.addToWhatIsHere}
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
    </Notice>
  );
};
