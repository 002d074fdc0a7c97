import { Panel } from '../../ui/Panel';
import { shownName } from '@jubbet/core/quantity';
import { madePieces } from '@jubbet/core/label';
import { piecesLeft, recipientSchema, type Made } from '@jubbet/core/batch';
import { countedWords, batchesWords } from '@jubbet/core/words';
import { useState } from 'react';
import type { z } from 'zod';
import { Button } from '../../ui/Button';
import { InlineCount, InlineForm, InlineText } from '../../ui/InlineForm';
import { useWrite } from '../../parts/useWrite';
import type { BatchRecord } from '../../store/database';
import { today } from '../../store/now';
import { people } from '../../store/people';
import { recipients } from '../../store/recipients';
import { useStored } from '../../store/useStored';
import { GivenRow } from './GivenRow';

const givenSchema = recipientSchema.pick({ name: true, pieces: true, which: true, on: true });

/** How many pieces a batch came to. */
const piecesOf = (made: Made): number =>
  madePieces(made).reduce((total, { count }) => total + count, 0);

/** Who got which piece, and when. */
export const Given = ({ batch, made }: { batch: BatchRecord; made: Made }) => {
  const write = useWrite();
  const house = useStored(['people'], () => people.list()).data ?? [];
  const given = useStored(['recipients', batch.id], () => recipients.ofBatch(batch.id)).data ?? [];
  const [isGiving, setGiving] = useState(false);
  const all = piecesOf(made);
  const left = piecesLeft(
    all,
    given.map(({ recipient }) => recipient),
  );
  const save = async ({ name, which, ...rest }: z.infer<typeof givenSchema>): Promise<boolean> =>
    (await write('Who got it', () =>
      recipients.add({
        ...rest,
        batchId: batch.id,
        which: which.trim(),
        // The store knows whose name it is.
        personId: null,
        name: shownName(name),
      }),
    )) !== undefined;
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
        <InlineForm
          label="Give a piece"
          schema={givenSchema}
          start={{ name: '', pieces: 1, which: '', on: today() }}
          save={batchesWords.saveWhoGotIt}
          onSave={save}
          onDone={() => setGiving(false)}
        >
          {(form) => (
            <>
              <InlineText
                form={form}
                name="name"
                label="To"
                autoFocus
                className="w-52"
                placeholder={batchesWords.nameOrWhereItWent}
                choices={house.map(({ person }) => person.name)}
              />
              <InlineCount form={form} name="pieces" label="Pieces" />
              <InlineText
                form={form}
                name="which"
                label="Which"
                className="w-36"
                placeholder="if it matters"
              />
              <InlineText form={form} name="on" label="On" type="date" max={today()} />
            </>
          )}
        </InlineForm>
      ) : (
        <Button className="justify-self-start" onClick={() => setGiving(true)}>
          {batchesWords.giveSomeAway}
        </Button>
      )}
    </Panel>
  );
};
