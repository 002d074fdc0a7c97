import { Notice } from '../../ui/Notice';
import { blendsWords } from '@jubbet/core/words';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { useNotice } from '../../parts/notice';
import { useWrite } from '../../parts/useWrite';
import { bringExampleBack, putExampleAway } from './putAway';

/** Over the book while the example house is in it: what that is, and the way to put it away. */
export const ExampleHere = () => {
  const write = useWrite();
  const tell = useNotice();
  const [busy, setBusy] = useState(false);
  const putAway = async (): Promise<void> => {
    setBusy(true);
    const done = await write('The example', () => putExampleAway().then(() => true));
    setBusy(false);
    if (!done) return;
    tell({
      text: 'The example is put away. What you made or changed is still here.',
      undo: () => void write('The example', bringExampleBack),
    });
  };
  return (
    <Notice tone="note" className="mt-3 flex flex-wrap items-center gap-x-3 px-4! py-1.5!">
      <span className="flex-1">{blendsWords.exampleHouseIsHereEveryone}</span>
      <Button look="quiet" disabled={busy} onClick={() => void putAway()}>
        {busy ? 'Putting it away' : 'Put the example away'}
      </Button>
    </Notice>
  );
};
