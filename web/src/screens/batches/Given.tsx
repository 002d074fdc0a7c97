import { Panel } from '../../ui/Panel';
import { isVisible, shownName } from '@jubbet/core/quantity';
import { madePieces } from '@jubbet/core/label';
import { piecesLeft, type Made } from '@jubbet/core/batch';
import { countedWords, batchesWords } from '@jubbet/core/words';
import { useId, useState } from 'react';
import { Button } from '../../ui/Button';
import { NumberUnder, TextField } from '../../ui/Field';
import { useWrite } from '../../parts/useWrite';
import type { BatchRecord } from '../../store/database';
import { today } from '../../store/now';
import { people } from '../../store/people';
import { recipients } from '../../store/recipients';
import { useStored } from '../../store/useStored';
import { GivenRow } from './GivenRow';

/** How many pieces a batch came to. */
const piecesOf = (made: Made): number =>
  madePieces(made).reduce((total, { count }) => total + count, 0);

/** Who got which piece, and when. */
export const Given = ({ batch, made }: { batch: BatchRecord; made: Made }) => {
  const write = useWrite();
  const listId = useId();
  const house = useStored(['people'], () => people.list()).data ?? [];
  const given = useStored(['recipients', batch.id], () => recipients.ofBatch(batch.id)).data ?? [];
  const [isGiving, setGiving] = useState(false);
  const [name, setName] = useState('');
  const [pieces, setPieces] = useState(1);
  const [which, setWhich] = useState('');
  // Today, whichever day that is when it is saved, until another is chosen.
  const [chosenOn, setOn] = useState<string | null>(null);
  const on = chosenOn ?? today();
  const all = piecesOf(made);
  const left = piecesLeft(
    all,
    given.map(({ recipient }) => recipient),
  );
  const save = async (): Promise<void> => {
    const saved = await write('Who got it', () =>
      recipients.add({
        batchId: batch.id,
        pieces,
        which: which.trim(),
        // The store knows whose name it is.
        personId: null,
        name: shownName(name),
        on,
      }),
    );
    if (saved === undefined) return;
    setName('');
    setWhich('');
    setPieces(1);
    setOn(null);
    setGiving(false);
  };
  return (
    <Panel id="who-got-it" aria-label="Who has it" className="grid gap-3 px-5 py-4">
      <h2 className="text-lg">
        Who has it
        <span className="text-base font-normal text-soft">
          {' '}
          {left >= 0
            ? `${left} of ${countedWords(all, 'piece')} still here`
            : `${-left} more than were made`}
        </span>
      </h2>
      {given.length > 0 && (
        <ul>
          {given.map(({ id, recipient }) => (
            <GivenRow key={id} id={id} recipient={recipient} batchId={batch.id} />
          ))}
        </ul>
      )}
      {isGiving ? (
        <form
          aria-label="Give a piece"
          className="flex flex-wrap items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            if (isVisible(name) && on) void save();
          }}
        >
          <TextField
            autoFocus
            label="To"
            list={listId}
            maxLength={120}
            className="w-52"
            placeholder={batchesWords.nameOrWhereItWent}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
          <datalist id={listId}>
            {house.map(({ id, person }) => (
              <option key={id} value={person.name} />
            ))}
          </datalist>
          <NumberUnder
            name="Pieces"
            className="w-16"
            value={pieces}
            rule={{ least: 1, most: 1000, whole: true }}
            onNumber={setPieces}
          />
          <TextField
            label="Which"
            maxLength={80}
            className="w-36"
            placeholder="if it matters"
            value={which}
            onChange={(event) => setWhich(event.target.value)}
          />
          <TextField
            label="On"
            type="date"
            max={today()}
            value={on}
            onChange={(event) => setOn(event.target.value)}
          />
          <Button type="submit" disabled={!isVisible(name) || !on}>
            {batchesWords.saveWhoGotIt}
          </Button>
          <Button look="quiet" onClick={() => setGiving(false)}>
            Cancel
          </Button>
        </form>
      ) : (
        <Button className="justify-self-start" onClick={() => setGiving(true)}>
          {batchesWords.giveSomeAway}
        </Button>
      )}
    </Panel>
  );
};
