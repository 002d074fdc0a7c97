import type { Made } from '@jubbet/core/batch';
import { usualContainer, usualContainers, type Container } from '@jubbet/core/catalog';
import { madePieces } from '@jubbet/core/label';
import { cameOutLines, type CameOutLine, type EventOf } from '@jubbet/core/making';
import {
  containerWords,
  containerWordsOf,
  formatMl,
  piecesWords,
  partsWords,
} from '@jubbet/core/words';
import { useState } from 'react';
import { Button } from '../ui/Button';
import { NumberUnder, SelectField, TextField } from '../ui/Field';

const parts = [
  ['0', 'none'],
  ['25', 'one a quarter full'],
  ['50', 'one half full'],
  ['75', 'one three quarters full'],
] as const;
type Part = (typeof parts)[number][0];

/** The nearest of the parts that can be chosen. */
const partOf = (percent: number): Part => {
  const away = ([value]: (typeof parts)[number]): number => Math.abs(Number(value) - percent);
  return [...parts].sort((a, b) => away(a) - away(b))[0]?.[0] ?? '0';
};

/** How many containers were really filled, and with what the rest went. */
export const CameOut = ({
  made,
  isAfterEnd,
  onSave,
  onDone,
}: {
  made: Made;
  /** Said of a finished batch: then with a reason. */
  isAfterEnd: boolean;
  onSave: (event: EventOf<'came-out'>) => Promise<boolean>;
  onDone: () => void;
}) => {
  const { blend, tally, containers } = made;
  const mixture = containers[0]?.evaluation.mixture;
  const [lines, setLines] = useState<readonly CameOutLine[]>(() =>
    mixture ? cameOutLines(blend, mixture, tally) : [],
  );
  const [words, setWords] = useState('');
  const containerOf = ({ into }: CameOutLine): Container | undefined =>
    'filling' in into ? blend.fillings[into.filling]?.container : usualContainer(into.containerId);
  const change = (at: number, part: Partial<CameOutLine>): void =>
    setLines(lines.map((line, n) => (n === at ? { ...line, ...part } : line)));
  const event: EventOf<'came-out'> = { kind: 'came-out', lines: [...lines], words: words.trim() };
  const pieces = madePieces({ ...made, tally: { ...tally, cameOut: event } });
  const isSayable = pieces.length > 0 && (!isAfterEnd || words.trim() !== '');
  const others = usualContainers.filter(
    ({ id }) => !lines.some((line) => containerOf(line)?.id === id),
  );
  return (
    <form
      aria-label="What came out"
      className="grid gap-3"
      onSubmit={(submitted) => {
        submitted.preventDefault();
        if (isSayable) void onSave(event).then((saved) => saved && onDone());
      }}
    >
      {lines.map((line, at) => {
        const container = containerOf(line);
        if (!container) return null;
        const size = `${containerWordsOf(container.kind).plural} of ${formatMl(container.nominalMl)}`;
        return (
          <div key={at} className="flex flex-wrap items-end gap-3">
            <NumberUnder
              name={`Full ${size}`}
              className="w-20"
              value={line.full}
              rule={{ least: 0, most: 1000, whole: true }}
              onNumber={(full) => change(at, { full })}
            />
            <SelectField
              label={`Part-filled ${size}`}
              value={partOf(line.lastPercent)}
              choices={parts}
              onChoose={(part) => change(at, { lastPercent: Number(part) })}
            />
          </div>
        );
      })}
      {others.length > 0 && lines.length < 20 && (
        <SelectField
          label={partsWords.restWentInto}
          value=""
          choices={[
            ['', 'nothing else'],
            ...others.map((other) => [other.id, containerWords(other)] as const),
          ]}
          onChoose={(containerId) => {
            if (containerId)
              setLines([...lines, { into: { containerId }, full: 0, lastPercent: 50 }]);
          }}
        />
      )}
      {isAfterEnd && (
        <TextField
          label="Why"
          className="w-64"
          maxLength={500}
          value={words}
          onChange={(typed) => setWords(typed.target.value)}
        />
      )}
      <p role="status">{pieces.length > 0 ? `${piecesWords(pieces)}.` : 'Nothing came out.'}</p>
      <div className="flex flex-wrap gap-2">
        <Button type="submit" look="first" disabled={!isSayable}>
          {partsWords.saveWhatCameOut}
        </Button>
        <Button look="quiet" onClick={onDone}>
          Cancel
        </Button>
      </div>
    </form>
  );
};
